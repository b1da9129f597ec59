import { ClampRing } from './clamp-ring';
import { DEAD, type DrawingProps, LEFT, LIVE, RIGHT } from './drawing';

/** The blower between the legs, and why it runs or not. */
export const BlowerDrawing = ({ y, isFed, drawing }: { y: number; isFed: boolean; drawing: DrawingProps }) => {
  const { runs, because } = drawing.state.blower;
  const wire = isFed ? (runs ? { stroke: 'var(--slate)', strokeWidth: 5 } : LIVE) : DEAD;
  return (
    <g>
      <path d={`M${LEFT},${y} H168 M212,${y} H${RIGHT}`} fill="none" {...wire} />
      <circle
        cx={190}
        cy={y}
        r={21}
        fill={runs ? 'var(--slate)' : 'var(--sheet)'}
        stroke="var(--ink)"
        strokeWidth={2.4}
      />
      <text
        x={190}
        y={y + 5}
        textAnchor="middle"
        fontSize={14}
        fontWeight={600}
        fill={runs ? 'var(--paper)' : 'var(--ink)'}
        className="font-label select-none"
      >
        {runs ? 'runs' : 'still'}
      </text>
      <text x={220} y={y + 18} fontSize={12} fill="var(--ink)" className="font-label select-none">
        Blower: {because}
      </text>
      <ClampRing x={98} y={y - 16} at={{ kind: 'blower' }} drawing={drawing} label="Clamp on the blower" />
    </g>
  );
};
