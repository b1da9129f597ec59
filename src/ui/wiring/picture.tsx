'use client';

import { memo, type Ref, useImperativeHandle, useRef } from 'react';
import type { Drawing, DrawnWire } from '@/core/wiring/drawing';
import { mayLand } from '@/core/wiring/drawing';
import { type Harness, refText, sameRef, type TerminalRef } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { PictureDevice } from './picture-device';
import type { Probes } from './picture-terminal';
import { PictureWire } from './picture-wire';
import { ProbeHandle } from './probe-handle';
import { type Lifted, WireHandle } from './wire-handle';

interface PictureProps {
  readonly drawing: Drawing;
  readonly harness: Harness;
  readonly state: WiringState;
  /** Terminals that the call makes live, highlighted. */
  readonly called: ReadonlySet<string>;
  readonly probes: Probes;
  /** Terminals, conductors and coils that a finding points at, or that are suspected. */
  readonly pointsAt: ReadonlySet<string>;
  /** Conductors that are not where the plan has them. */
  readonly moved: ReadonlySet<string>;
  readonly zoom: number;
  readonly isEditing: boolean;
  readonly lifted: Lifted | null;
  readonly onLift: (lifted: Lifted | null) => void;
  readonly onDrop: (lifted: Lifted, node: string | null) => void;
  readonly onTerminal: (ref: TerminalRef) => void;
  readonly onProbe: (which: 0 | 1, node: string) => void;
  readonly ref?: Ref<SVGSVGElement>;
}

/** The wiring as a picture: devices, conductors, jumpers, live for the moment. */
export const Picture = memo(function Picture({
  drawing,
  harness,
  state,
  called,
  probes,
  pointsAt,
  moved,
  zoom,
  isEditing,
  lifted,
  onLift,
  onDrop,
  onTerminal,
  onProbe,
  ref,
}: PictureProps) {
  const svg = useRef<SVGSVGElement>(null);
  useImperativeHandle(ref, () => svg.current!);
  const isLive = ({ ends }: DrawnWire) => ends.some(({ ref: at }) => at !== null && called.has(refText(at)));
  const unitsPerPixel = () => drawing.width / (svg.current?.getBoundingClientRect().width || drawing.width);
  const held = lifted ? harness.conductors.find(({ id }) => id === lifted.wire) : undefined;
  const heldCable = held && harness.cables.find(({ id }) => id === held.cable);
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      width={drawing.width * zoom}
      height={drawing.height * zoom}
      role="group"
      aria-label={isEditing ? 'Wiring as found' : 'Wiring'}
      className="mx-auto block max-w-none select-none print:h-auto print:max-h-[22cm] print:w-full"
    >
      {drawing.cables.map(({ id, label, about, x, y }) => (
        <g key={id} textAnchor="middle">
          <text x={x} y={y + 4} fontFamily="var(--font-label)" fontSize={15} fontWeight={600} fill="var(--ink)">
            {label}
          </text>
          <text x={x} y={y + 19} fontFamily="var(--font-sans)" fontSize={13} fill="var(--quiet)">
            {about}
          </text>
        </g>
      ))}
      {drawing.wires.map((wire) => (
        <PictureWire
          key={wire.id}
          wire={wire}
          isLive={isLive(wire)}
          isPointedAt={pointsAt.has(wire.id)}
          isMoved={moved.has(wire.id)}
        />
      ))}
      {drawing.devices.map((drawn) => (
        <PictureDevice
          key={drawn.device.id}
          drawn={drawn}
          state={state}
          called={called}
          probes={probes}
          pointsAt={pointsAt}
          mayLandHere={
            lifted !== null && heldCable !== undefined && mayLand(harness, heldCable, lifted.end, drawn.device.id)
          }
          onTerminal={onTerminal}
        />
      ))}
      {drawing.jumpers.map(({ id, why, from, x, fromY, toY, isFactory }) => (
        <g key={`${from.device} ${id}`} aria-hidden pointerEvents="none">
          <title>{isFactory ? why : `${id}: ${why}`}</title>
          <path
            d={`M${x} ${fromY} L${x} ${toY}`}
            stroke={called.has(`${from.device}.${from.mark}`) ? 'var(--saffron)' : 'var(--ink)'}
            strokeWidth={called.has(`${from.device}.${from.mark}`) ? 6 : 4}
            {...(isFactory ? { strokeDasharray: '7 5' } : {})}
          />
          {isFactory && (
            <text
              x={x - 10}
              y={(fromY + toY) / 2 + 4}
              textAnchor="end"
              paintOrder="stroke"
              stroke="var(--sheet)"
              strokeWidth={5}
              className="fill-ink text-[13px]"
            >
              factory, do not touch
            </text>
          )}
          {[fromY, toY].map((y) => (
            <circle key={y} cx={x} cy={y} r={5} fill="var(--ink)" />
          ))}
        </g>
      ))}
      {isEditing &&
        drawing.wires.flatMap((wire) =>
          wire.ends.map((end) => (
            <WireHandle
              key={`${wire.id} ${end.end}`}
              wire={wire}
              end={end}
              isLifted={lifted?.wire === wire.id && lifted.end === end.end}
              zoom={zoom}
              unitsPerPixel={unitsPerPixel}
              onLift={onLift}
              onDrop={onDrop}
            />
          )),
        )}
      {probes.map((probe, which) => {
        const box = drawing.devices.find(({ device }) => device.id === probe.device);
        const terminal = box?.terminals.find(({ ref: at }) => at.mark === probe.mark);
        // Both probes on one terminal are side by side.
        const aside = which === 1 && sameRef(probes[0], probe) ? 22 : 0;
        return (
          box &&
          terminal && (
            <ProbeHandle
              key={which}
              which={which as 0 | 1}
              x={box.x + 67 + aside}
              y={terminal.y - 11}
              unitsPerPixel={unitsPerPixel}
              onDrop={onProbe}
            />
          )
        );
      })}
    </svg>
  );
});
