interface SymbolProps {
  /** Center of the symbol. */
  readonly x: number;
  readonly y: number;
}

/** A fusible link in its case. */
export const LinkSymbol = ({ x, y }: SymbolProps) => (
  <>
    <rect x={x - 16} y={y - 8} width={32} height={16} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.8} />
    <path d={`M${x - 16},${y} q8,-9 16,0 t16,0`} fill="none" stroke="var(--ink)" strokeWidth={1.8} />
  </>
);

const zigzag = (x: number, half: number, y: number) => {
  const points = Array.from(
    { length: 9 },
    (_, at) => `${x - half + 8 + (at * (half * 2 - 16)) / 8},${y + (at === 0 || at === 8 ? 0 : at % 2 ? -11 : 11)}`,
  );
  return `M${x - half},${y} L${points.join(' L')} L${x + half},${y}`;
};

interface ElementProps extends SymbolProps {
  readonly half: number;
  readonly glows: boolean;
  /** Whether a leg reaches it. */
  readonly isFed: boolean;
}

/** A heating element, with its glow while it heats. */
export const ElementSymbol = ({ x, y, half, glows, isFed }: ElementProps) => (
  <>
    {glows && (
      <rect x={x - half + 4} y={y - 19} width={half * 2 - 8} height={38} rx={8} fill="var(--ember)" opacity={0.22} />
    )}
    <path
      d={zigzag(x, half, y)}
      fill="none"
      stroke={glows ? 'var(--ember)' : isFed ? 'var(--saffron)' : 'var(--ink)'}
      strokeWidth={glows ? 5 : 3}
      strokeLinejoin="round"
    />
  </>
);

/** An automatic-reset limit. */
export const LimitSymbol = ({ x, y }: SymbolProps) => (
  <g stroke="var(--ink)" strokeWidth={2.4} fill="var(--sheet)">
    <circle cx={x - 13} cy={y} r={3.5} />
    <circle cx={x + 13} cy={y} r={3.5} />
    <path d={`M${x - 10},${y - 4} q10,-9 20,0`} fill="none" />
  </g>
);

/** A switch, open or closed. */
export const SwitchSymbol = ({ x, y, isClosed }: SymbolProps & { readonly isClosed: boolean }) => (
  <g stroke="var(--ink)" strokeWidth={3} fill="var(--sheet)">
    <path d={isClosed ? `M${x - 22},${y} H${x + 22}` : `M${x - 22},${y} L${x + 16},${y - 17}`} fill="none" />
    <circle cx={x - 24} cy={y} r={4.5} />
    <circle cx={x + 24} cy={y} r={4.5} />
  </g>
);
