'use client';

import { SHORT_SCREEN, useMedia } from '../../kit/use-media';
import { BankCoils } from './bank-coils';
import { BlowerDrawing } from './blower-drawing';
import { CircuitDrawing, heightOf } from './circuit-drawing';
import { type DrawingProps, WIDTH } from './drawing';

/**
 * The kit as a ladder: a rung per element, both legs, breakers, blower. Live, heating and dead differ in line weight
 * and words, not only in color.
 */
export const LadderDrawing = (drawing: DrawingProps) => {
  const { ladder } = drawing.state;
  const isShort = useMedia(SHORT_SCREEN);
  // On a wide, low screen the circuits are side by side, so that the ladder fits.
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
            <text
              x={202}
              y={blowerTop + 16}
              textAnchor="middle"
              fontSize={13}
              fontWeight={600}
              fill="var(--fail)"
              className="font-label select-none"
            >
              Second feed: blower
            </text>
            <BlowerDrawing y={blowerTop + 48} isFed drawing={drawing} />
          </g>
        )}
        <BankCoils y={coilsTop} state={drawing.state} />
      </g>
    </svg>
  );
};
