import type { LadderState } from '@/core/strips/ladder-state';
import { DEAD, LEFT, LIVE } from './drawing';

/** The 24 V side: which input turns on which bank, and whether its coil is in. */
export const BankCoils = ({ y, state }: { y: number; state: LadderState }) => {
  const banks = [...new Map(state.rungs.map((each) => [each.rung.bank, each])).values()].sort(
    (a, b) => a.rung.bank - b.rung.bank,
  );
  return (
    <g className="font-label select-none" fontSize={13} fill="var(--ink)">
      <text x={LEFT} y={y + 14} fontWeight={600}>
        24 V side
      </text>
      {banks.map(({ rung, hasCall }, at) => {
        const line = y + 40 + at * 38;
        const wire = hasCall ? LIVE : DEAD;
        return (
          <g key={rung.bank}>
            <text x={LEFT} y={line + 5} fontWeight={600}>
              {rung.input ?? 'no W call'}
            </text>
            <path d={`M62,${line} H100 M196,${line} H230`} {...wire} />
            <rect
              x={100}
              y={line - 14}
              width={96}
              height={28}
              rx={14}
              fill={hasCall ? 'var(--ember)' : 'var(--sheet)'}
              stroke="var(--ink)"
              strokeWidth={2}
            />
            <text x={148} y={line + 5} textAnchor="middle" fill={hasCall ? 'var(--on-accent)' : 'var(--ink)'}>
              {state.ladder.switching} {rung.bank}
            </text>
            <text x={236} y={line + 5}>
              C · {hasCall ? 'energized' : 'off'}
            </text>
          </g>
        );
      })}
    </g>
  );
};
