'use client';

import type { ClampAt } from '@/core/strips/clamp';
import { clampId } from '@/core/strips/clamp';
import type { LadderCircuit, PartKind } from '@/core/strips/ladder';
import type { LadderState, RungState } from '@/core/strips/ladder-state';
import { useShortScreen } from '../use-short-screen';

export interface PartAt {
  readonly kind: PartKind;
  readonly element: number;
}

interface DrawingProps {
  readonly state: LadderState;
  readonly suppliedVolts: number;
  readonly openBreakers: ReadonlySet<number>;
  readonly part: PartAt | null;
  readonly clamp: ClampAt;
  readonly onPart: (part: PartAt) => void;
  readonly onClamp: (clamp: ClampAt) => void;
  readonly onBreaker: (circuit: number) => void;
}

// Drawing units: a rung is 78 high and 380 wide; the legs run down at 18 and 362.
const WIDTH = 380;
const LEFT = 18;
const RIGHT = 362;
const RUNG = 78;
const HEAD = 74;

const LIVE = { stroke: 'var(--saffron)', strokeWidth: 5 };
const DEAD = { stroke: 'var(--line-strong)', strokeWidth: 2 };
const HEAT = { stroke: 'var(--ember)', strokeWidth: 6 };

/** Where each part stands on its rung: centre and half width. */
const PLACE: Record<Exclude<PartKind, 'breaker'>, readonly [number, number]> = { link: [62, 20], element: [147, 46], limit: [227, 20], switch: [300, 28] };

const Hit = ({ x, y, half, label, isPicked, onPick }: { x: number; y: number; half: number; label: string; isPicked: boolean; onPick: () => void }) => (
  <g
    role="button"
    tabIndex={0}
    aria-label={label}
    aria-pressed={isPicked}
    className="cursor-pointer outline-none [&:focus-visible>rect]:stroke-[var(--saffron)] [&:focus-visible>rect]:[stroke-width:3]"
    onClick={onPick}
    onKeyDown={(event) => {
      if (event.key !== 'Enter' && event.key !== ' ') return;
      event.preventDefault();
      onPick();
    }}
  >
    <rect
      x={x - half - 3}
      y={y - 36}
      width={half * 2 + 6}
      height={72}
      rx={4}
      fill="transparent"
      stroke={isPicked ? 'var(--ink)' : 'transparent'}
      strokeWidth={2}
      strokeDasharray="4 3"
    />
  </g>
);

const zigzag = (x: number, half: number, y: number) => {
  const points = Array.from({ length: 9 }, (_, at) => `${x - half + 8 + (at * (half * 2 - 16)) / 8},${y + (at === 0 || at === 8 ? 0 : at % 2 ? -11 : 11)}`);
  return `M${x - half},${y} L${points.join(' L')} L${x + half},${y}`;
};

const RungDrawing = ({ state, y, drawing, suppliedVolts }: { state: RungState; y: number; drawing: DrawingProps; suppliedVolts: number }) => {
  const { rung, isFed, isClosed, glows } = state;
  const wire = !isFed ? DEAD : glows ? HEAT : LIVE;
  const hasLink = rung.parts.includes('link');
  const [switchX, switchHalf] = PLACE.switch;
  const name = `Element ${rung.at + 1}`;
  const hit = (kind: Exclude<PartKind, 'breaker'>, words: string) => (
    <Hit
      x={PLACE[kind][0]}
      y={y}
      half={PLACE[kind][1]}
      label={`${name}, ${words}`}
      isPicked={drawing.part?.kind === kind && drawing.part.element === rung.at}
      onPick={() => drawing.onPart({ kind, element: rung.at })}
    />
  );
  const clamp: ClampAt = { kind: 'element', at: rung.at };
  return (
    <g>
      <path
        d={`M${LEFT},${y} H${PLACE.element[0] - PLACE.element[1]} M${PLACE.element[0] + PLACE.element[1]},${y} H${switchX - switchHalf} M${switchX + switchHalf},${y} H${RIGHT}`}
        fill="none"
        {...wire}
      />
      {hasLink && <rect x={PLACE.link[0] - 16} y={y - 8} width={32} height={16} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.8} />}
      {hasLink && <path d={`M${PLACE.link[0] - 16},${y} q8,-9 16,0 t16,0`} fill="none" stroke="var(--ink)" strokeWidth={1.8} />}
      {glows && (
        <rect x={PLACE.element[0] - PLACE.element[1] + 4} y={y - 19} width={PLACE.element[1] * 2 - 8} height={38} rx={8} fill="var(--ember)" opacity={0.22} />
      )}
      <path
        d={zigzag(PLACE.element[0], PLACE.element[1], y)}
        fill="none"
        stroke={glows ? 'var(--ember)' : isFed ? 'var(--saffron)' : 'var(--ink)'}
        strokeWidth={glows ? 5 : 3}
        strokeLinejoin="round"
      />
      <g stroke="var(--ink)" strokeWidth={2.4} fill="var(--sheet)">
        <circle cx={PLACE.limit[0] - 13} cy={y} r={3.5} />
        <circle cx={PLACE.limit[0] + 13} cy={y} r={3.5} />
        <path d={`M${PLACE.limit[0] - 10},${y - 4} q10,-9 20,0`} fill="none" />
      </g>
      <g stroke="var(--ink)" strokeWidth={3} fill="var(--sheet)">
        <path d={isClosed ? `M${switchX - 22},${y} H${switchX + 22}` : `M${switchX - 22},${y} L${switchX + 16},${y - 17}`} fill="none" />
        <circle cx={switchX - 24} cy={y} r={4.5} />
        <circle cx={switchX + 24} cy={y} r={4.5} />
      </g>
      <g fontSize={11} fill="var(--ink)" textAnchor="middle" className="font-label select-none">
        {hasLink && (
          <text x={PLACE.link[0]} y={y + 23}>
            link
          </text>
        )}
        <text x={PLACE.element[0]} y={y + 31} fontSize={13} fontWeight={600}>
          {rung.at + 1}: {rung.element.kW} kW {glows ? `· ${state.amps.toFixed(1)} A` : isFed ? '· live, no heat' : '· dead'}
        </text>
        <text x={PLACE.limit[0]} y={y + 23}>
          limit
        </text>
        <text x={switchX} y={y + 23} fontWeight={600}>
          {isClosed ? 'closed' : 'open'}
          {state.movesInS !== null ? `, ${isClosed ? 'opens' : 'closes'} ${state.movesInS} s` : ''}
        </text>
        <text x={switchX} y={y - 22}>
          {rung.input ?? 'no W'}
          {isFed && !isClosed ? ` · ${Math.round(suppliedVolts)} V across` : ''}
        </text>
      </g>
      {hasLink && hit('link', 'one-time link')}
      {hit('element', glows ? `${rung.element.kW} kW, heating` : isFed ? `${rung.element.kW} kW, live without heat` : `${rung.element.kW} kW, dead`)}
      {hit('limit', 'limit')}
      {hit('switch', isClosed ? 'switch closed' : 'switch open')}
      <Clamp x={98} y={y - 24} at={clamp} drawing={drawing} label={`Clamp on the lead of element ${rung.at + 1}`} />
    </g>
  );
};

/** A clamp that can be put somewhere: a ring, filled where it is. */
const Clamp = ({ x, y, at, drawing, label }: { x: number; y: number; at: ClampAt; drawing: DrawingProps; label: string }) => {
  const isHere = clampId(at) === clampId(drawing.clamp);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={isHere}
      className="cursor-pointer outline-none [&:focus-visible>circle]:stroke-[var(--saffron)]"
      onClick={() => drawing.onClamp(at)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        drawing.onClamp(at);
      }}
    >
      <rect x={x - 20} y={y - 20} width={40} height={34} fill="transparent" />
      <circle cx={x} cy={y} r={10} fill={isHere ? 'var(--ink)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth={2} />
      <text x={x} y={y + 4} fontSize={11} textAnchor="middle" fill={isHere ? 'var(--paper)' : 'var(--ink)'} className="font-mono select-none">
        A
      </text>
    </g>
  );
};

const heightOf = ({ rungs, hasBlower }: LadderCircuit) => HEAD + rungs.length * RUNG + (hasBlower ? 56 : 12);

const CircuitDrawing = ({ circuit, y, drawing }: { circuit: LadderCircuit; y: number; drawing: DrawingProps }) => {
  const { state, openBreakers, suppliedVolts } = drawing;
  const isOpen = openBreakers.has(circuit.at);
  const bottom = y + heightOf(circuit) - (circuit.hasBlower ? 28 : 30);
  const leg = isOpen ? DEAD : LIVE;
  const clamp: ClampAt = circuit.at === 0 && state.ladder.circuits.length === 1 ? { kind: 'main' } : { kind: 'circuit', at: circuit.at };
  const breakerAmps = circuit.foundBreakerAmps ?? circuit.circuit.breakerAmps;
  return (
    <g>
      <path d={`M${LEFT},${y + 44} V${bottom} M${RIGHT},${y + 44} V${bottom}`} fill="none" {...leg} strokeDasharray={isOpen ? '2 4' : undefined} />
      {[LEFT, RIGHT].map((x, at) => (
        <g key={x}>
          <text
            x={at === 0 ? x + 9 : x - 9}
            y={y + 13}
            textAnchor={at === 0 ? 'start' : 'end'}
            fontSize={12}
            fontWeight={600}
            fill="var(--ink)"
            className="font-label select-none"
          >
            L{at + 1}
          </text>
          <path d={`M${x},${y + 4} V${y + 16}`} {...LIVE} />
          <path
            d={isOpen ? `M${x},${y + 40} L${x + (at === 0 ? 15 : -15)},${y + 20}` : `M${x},${y + 18} V${y + 40}`}
            stroke="var(--ink)"
            strokeWidth={4}
            fill="none"
          />
          <circle cx={x} cy={y + 17} r={4} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.2} />
          <circle cx={x} cy={y + 42} r={4} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.2} />
        </g>
      ))}
      <g
        role="button"
        tabIndex={0}
        aria-label={`Breaker of circuit ${circuit.at + 1}, ${isOpen ? 'open' : 'closed'}`}
        aria-pressed={isOpen}
        className="cursor-pointer outline-none [&:focus-visible>rect]:stroke-[var(--saffron)]"
        onClick={() => drawing.onBreaker(circuit.at)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          drawing.onBreaker(circuit.at);
        }}
      >
        <rect x={112} y={y + 6} width={180} height={46} rx={3} fill="var(--sheet)" stroke="var(--line-strong)" />
        <text x={202} y={y + 25} textAnchor="middle" fontSize={14} fontWeight={600} fill="var(--ink)" className="font-label select-none">
          Circuit {circuit.at + 1} · {breakerAmps === null ? 'no breaker fits' : `${breakerAmps} A`}
        </text>
        <text x={202} y={y + 43} textAnchor="middle" fontSize={12} fill="var(--quiet)" className="font-label select-none">
          {isOpen ? 'open: dead below · tap to close' : 'closed: both legs live · tap to open'}
        </text>
      </g>
      <Clamp x={62} y={y + 30} at={clamp} drawing={drawing} label={clamp.kind === 'main' ? 'Clamp on the main feed' : `Clamp on circuit ${circuit.at + 1}`} />
      {circuit.rungs.map((rung, at) => (
        <RungDrawing
          key={rung.at}
          state={state.rungs.find((each) => each.rung.at === rung.at)!}
          y={y + HEAD + at * RUNG + 30}
          drawing={drawing}
          suppliedVolts={suppliedVolts}
        />
      ))}
      {circuit.hasBlower && state.ladder.hasInterlock && circuit.rungs.length > 0 && (
        <path d={`M344,${y + HEAD + 30} V${bottom - 14} H212`} fill="none" stroke="var(--slate)" strokeWidth={1.6} strokeDasharray="6 4">
          <title>Interlock: the first switch keeps the blower on</title>
        </path>
      )}
      {circuit.hasBlower && <BlowerDrawing y={bottom} isFed={!isOpen} drawing={drawing} />}
    </g>
  );
};

const BlowerDrawing = ({ y, isFed, drawing }: { y: number; isFed: boolean; drawing: DrawingProps }) => {
  const { runs, because } = drawing.state.blower;
  const wire = isFed ? (runs ? { stroke: 'var(--slate)', strokeWidth: 5 } : LIVE) : DEAD;
  return (
    <g>
      <path d={`M${LEFT},${y} H168 M212,${y} H${RIGHT}`} fill="none" {...wire} />
      <circle cx={190} cy={y} r={21} fill={runs ? 'var(--slate)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth={2.4} />
      <text x={190} y={y + 5} textAnchor="middle" fontSize={14} fontWeight={600} fill={runs ? 'var(--paper)' : 'var(--ink)'} className="font-label select-none">
        {runs ? 'runs' : 'still'}
      </text>
      <text x={220} y={y + 18} fontSize={12} fill="var(--ink)" className="font-label select-none">
        Blower: {because}
      </text>
      <Clamp x={98} y={y - 16} at={{ kind: 'blower' }} drawing={drawing} label="Clamp on the blower" />
    </g>
  );
};

/** The 24 V side: which input brings which bank, and whether its coil is pulled in. */
const BankCoils = ({ y, state }: { y: number; state: LadderState }) => {
  const banks = [...new Map(state.rungs.map((each) => [each.rung.bank, each])).values()].sort((a, b) => a.rung.bank - b.rung.bank);
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
              {rung.input ?? 'no W'}
            </text>
            <path d={`M62,${line} H100 M196,${line} H230`} {...wire} />
            <rect x={100} y={line - 14} width={96} height={28} rx={14} fill={hasCall ? 'var(--ember)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth={2} />
            <text x={148} y={line + 5} textAnchor="middle" fill={hasCall ? 'var(--on-accent)' : 'var(--ink)'}>
              {state.ladder.switching} {rung.bank}
            </text>
            <text x={236} y={line + 5}>
              C · {hasCall ? 'pulled in' : 'at rest'}
            </text>
          </g>
        );
      })}
    </g>
  );
};

/** The kit as a ladder: a rung an element, both legs, breakers, blower. Live, glowing and dead differ in weight and words, not in colour alone. */
export const LadderDrawing = (drawing: DrawingProps) => {
  const { ladder } = drawing.state;
  const isShort = useShortScreen();
  // On a screen that is wide and short the circuits stand side by side, so that the ladder is whole.
  const heights = ladder.circuits.map(heightOf);
  const placed = ladder.circuits.map((circuit, at) => ({
    circuit,
    x: isShort ? at * WIDTH : 0,
    y: isShort ? 0 : heights.slice(0, at).reduce((sum, each) => sum + each, 0),
  }));
  const kitHeight = isShort ? Math.max(0, ...heights) : heights.reduce((sum, each) => sum + each, 0);
  const width = isShort ? WIDTH * (ladder.circuits.length + 1) : WIDTH;
  const banks = new Set(drawing.state.rungs.map(({ rung }) => rung.bank)).size;
  const sideX = isShort ? ladder.circuits.length * WIDTH : 0;
  const blowerTop = isShort ? 0 : kitHeight;
  const coilsTop = blowerTop + (ladder.hasOwnBlowerSupply ? 84 : 0);
  const height = Math.max(kitHeight, coilsTop + 30 + banks * 38);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label="Ladder of the heat kit"
      className={isShort ? 'mx-auto block max-h-[calc(100dvh-1rem)] w-full' : 'block w-full max-w-[38rem]'}
    >
      {placed.map(({ circuit, x, y }) => (
        <g key={circuit.at} transform={`translate(${x} 0)`}>
          <CircuitDrawing circuit={circuit} y={y} drawing={drawing} />
        </g>
      ))}
      <g transform={`translate(${sideX} 0)`}>
        {ladder.hasOwnBlowerSupply && (
          <g>
            <text x={202} y={blowerTop + 16} textAnchor="middle" fontSize={13} fontWeight={600} fill="var(--fail)" className="font-label select-none">
              Second supply: the blower’s own
            </text>
            <BlowerDrawing y={blowerTop + 48} isFed drawing={drawing} />
          </g>
        )}
        <BankCoils y={coilsTop} state={drawing.state} />
      </g>
    </svg>
  );
};
