import type { ClampAt } from '@/core/strips/clamp';
import type { LadderCircuit } from '@/core/strips/ladder';
import { BlowerDrawing } from './blower-drawing';
import { ClampRing } from './clamp-ring';
import { DEAD, type DrawingProps, HEAD, LEFT, LIVE, RIGHT, RUNG } from './drawing';
import { press } from './press';
import { RungDrawing } from './rung-drawing';

/** Height of a circuit, drawing units. */
export const heightOf = ({ rungs, hasBlower }: LadderCircuit) => HEAD + rungs.length * RUNG + (hasBlower ? 56 : 12);

/** A branch circuit: breaker, both legs, rungs, and the blower if fed here. */
export const CircuitDrawing = ({
  circuit,
  y,
  drawing,
}: {
  circuit: LadderCircuit;
  y: number;
  drawing: DrawingProps;
}) => {
  const { state, openBreakers, suppliedVolts } = drawing;
  const isOpen = openBreakers.has(circuit.at);
  const bottom = y + heightOf(circuit) - (circuit.hasBlower ? 28 : 30);
  const leg = isOpen ? DEAD : LIVE;
  const clamp: ClampAt =
    circuit.at === 0 && state.ladder.circuits.length === 1 ? { kind: 'main' } : { kind: 'circuit', at: circuit.at };
  const breakerAmps = circuit.foundBreakerAmps ?? circuit.circuit.breakerAmps;
  return (
    <g>
      <path
        d={`M${LEFT},${y + 44} V${bottom} M${RIGHT},${y + 44} V${bottom}`}
        fill="none"
        {...leg}
        strokeDasharray={isOpen ? '2 4' : undefined}
      />
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
        {...press(() => drawing.onBreaker(circuit.at))}
        aria-pressed={isOpen}
        className="cursor-pointer outline-none [&:focus-visible>rect]:stroke-[var(--saffron)]"
      >
        <title>{`Breaker of circuit ${circuit.at + 1}, ${isOpen ? 'open' : 'closed'}`}</title>
        <rect x={112} y={y + 6} width={180} height={46} rx={3} fill="var(--sheet)" stroke="var(--line-strong)" />
        <text
          x={202}
          y={y + 25}
          textAnchor="middle"
          fontSize={14}
          fontWeight={600}
          fill="var(--ink)"
          aria-hidden
          className="font-label select-none"
        >
          Circuit {circuit.at + 1} · {breakerAmps === null ? 'no standard breaker this large' : `${breakerAmps} A`}
        </text>
        <text
          x={202}
          y={y + 43}
          textAnchor="middle"
          fontSize={12}
          fill="var(--quiet)"
          className="font-label select-none"
        >
          {isOpen ? 'open: dead below · tap to close' : 'closed: both legs live · tap to open'}
        </text>
      </g>
      <ClampRing
        x={62}
        y={y + 30}
        at={clamp}
        drawing={drawing}
        label={clamp.kind === 'main' ? 'Clamp on the main feed' : `Clamp on circuit ${circuit.at + 1}`}
      />
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
        <path
          d={`M344,${y + HEAD + 30} V${bottom - 14} H212`}
          fill="none"
          stroke="var(--slate)"
          strokeWidth={1.6}
          strokeDasharray="6 4"
        >
          <title>Interlock: the first sequencer keeps the blower on</title>
        </path>
      )}
      {circuit.hasBlower && <BlowerDrawing y={bottom} isFed={!isOpen} drawing={drawing} />}
    </g>
  );
};
