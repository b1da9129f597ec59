'use client';

import type { DrawnDevice } from '@/core/wiring/drawing';
import type { TerminalRef } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { PictureTerminal, type Probes } from './picture-terminal';

interface DeviceProps {
  readonly drawn: DrawnDevice;
  readonly state: WiringState;
  readonly called: ReadonlySet<string>;
  readonly probes: Probes;
  readonly pointsAt: ReadonlySet<string>;
  readonly mayLandHere: boolean;
  readonly onTerminal: (ref: TerminalRef) => void;
}

/** A device of the drawing: its name, terminals, and their loads. */
export const PictureDevice = ({ drawn, state, called, probes, pointsAt, mayLandHere, onTerminal }: DeviceProps) => (
  <g>
    <rect
      x={drawn.x}
      y={drawn.y}
      width={drawn.width}
      height={drawn.height}
      rx={4}
      fill="var(--sheet)"
      stroke="var(--ink)"
      strokeWidth={2}
    />
    <text
      x={drawn.x + 8}
      y={drawn.y + 21}
      fontFamily="var(--font-label)"
      fontSize={18}
      fontWeight={600}
      fill="var(--ink)"
    >
      {drawn.device.label}
    </text>
    <text x={drawn.x + 8} y={drawn.y + 37} fontFamily="var(--font-sans)" fontSize={13} fill="var(--quiet)">
      {drawn.device.plateName.length > 24 ? `${drawn.device.plateName.slice(0, 23)}…` : drawn.device.plateName}
    </text>
    {drawn.terminals.map((terminal) => (
      <PictureTerminal
        key={terminal.node}
        terminal={terminal}
        box={drawn}
        state={state}
        called={called}
        probes={probes}
        pointedAt={pointsAt.has(terminal.node) || terminal.coils.some(({ id }) => pointsAt.has(id))}
        isTarget={mayLandHere}
        onTerminal={onTerminal}
      />
    ))}
  </g>
);
