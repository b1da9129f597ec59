'use client';

import { Fragment } from 'react';
import type { DeviceId } from '@/core/devices/device';
import type { Diagram, DiagramCable, DiagramDevice, DiagramTerminal } from '@/core/wiring/diagram';
import { refText, type TerminalRef } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { SOURCE_COLOUR } from '../sources';
import { INSULATION } from './colours';

export type Probes = readonly [TerminalRef, TerminalRef];

interface BenchProps {
  readonly diagram: Diagram;
  readonly state: WiringState;
  readonly probes: Probes;
  readonly onProbe: (at: TerminalRef) => void;
}

/** First grid row of the terminals: above it stands the devices' names. */
const FIRST_ROW = 2;

const probeAt = (probes: Probes, device: DeviceId, mark: string) => probes.findIndex((probe) => probe.device === device && probe.mark === mark);

const PROBE_SIGNS = ['▲', '■'] as const;

const Terminal = ({
  device,
  terminal,
  state,
  probes,
  onProbe,
  side,
  hasJumper,
}: { device: DeviceId; terminal: DiagramTerminal; side: 'left' | 'middle' | 'right'; hasJumper: boolean } & Pick<
  BenchProps,
  'state' | 'probes' | 'onProbe'
>) => {
  const ref = { device, mark: terminal.mark };
  const isHot = state.hot.has(refText(ref));
  const probe = probeAt(probes, device, terminal.mark);
  const volts = state.volts.get(refText(ref)) ?? 0;
  return (
    <div className={`flex w-full min-w-0 items-stretch gap-1 ${side === 'left' ? 'flex-row-reverse' : ''}`}>
      <button
        type="button"
        onClick={() => onProbe(ref)}
        aria-label={`${device} ${terminal.mark}, ${isHot ? `live, ${volts.toFixed(1)} volts` : 'dead'}${probe >= 0 ? `, probe ${probe + 1}` : ''}`}
        title={terminal.carries}
        className={`relative flex w-12 shrink-0 flex-col items-center justify-center border-2 font-label text-lg leading-none font-semibold ${isHot ? 'border-ink bg-saffron text-[#17211f]' : 'border-line-strong bg-paper'}`}
      >
        {terminal.mark}
        {isHot && <span className="mt-0.5 font-mono text-[0.7rem] font-normal">{volts.toFixed(1)}</span>}
        {probe >= 0 && (
          <span className="absolute -top-1.5 -right-1.5 flex size-5 items-center justify-center rounded-full bg-ink text-[0.6rem] text-paper">
            {PROBE_SIGNS[probe]}
          </span>
        )}
      </button>
      <span
        className={`flex min-w-0 flex-col justify-center text-xs leading-tight sm:text-sm ${hasJumper ? (side === 'left' ? 'mr-3 sm:mr-4' : 'ml-3 sm:ml-4') : ''}`}
      >
        {terminal.coils.map((coil) => {
          const isOn = state.energised.has(coil.id);
          return (
            <span
              key={coil.id}
              className={`${coil.source === 'control' ? 'max-sm:hidden' : ''} rounded-sm px-0.5 font-label text-[0.7rem] leading-[1.05] sm:text-sm sm:px-1 sm:font-sans ${isOn ? 'font-semibold text-paper' : 'text-quiet'}`}
              style={isOn ? { background: SOURCE_COLOUR[coil.source] } : undefined}
            >
              {coil.label}
              {isOn ? ' on' : ''}
            </span>
          );
        })}
      </span>
    </div>
  );
};

const Column = ({
  device,
  column,
  rows,
  ...rest
}: { device: DiagramDevice; column: number; rows: number } & Pick<BenchProps, 'state' | 'probes' | 'onProbe'>) => {
  const side = column === 1 ? 'left' : column === 3 ? 'middle' : 'right';
  return (
    <>
      <div style={{ gridColumn: column, gridRow: 1 }} className={`self-end pb-1 ${side === 'left' ? 'text-right' : ''}`}>
        <h3 className="font-label text-base leading-tight font-semibold sm:text-xl">{device.label}</h3>
        <p className="truncate text-xs text-quiet">{device.plateName}</p>
      </div>
      <div aria-hidden style={{ gridColumn: column, gridRow: `${FIRST_ROW} / span ${rows}` }} className="-mx-1 -my-1 rounded border-2 border-ink bg-sheet" />
      {device.terminals.map((terminal) => (
        <div key={terminal.mark} style={{ gridColumn: column, gridRow: FIRST_ROW + terminal.row }} className="relative z-[1] flex min-w-0 py-0.5">
          <Terminal
            device={device.id}
            terminal={terminal}
            side={side}
            hasJumper={device.jumpers.some(({ fromRow, toRow }) => terminal.row >= fromRow && terminal.row <= toRow)}
            {...rest}
          />
        </div>
      ))}
      {device.jumpers.map(({ jumper, fromRow, toRow }) => (
        <div
          key={jumper.id}
          title={`${jumper.id}: ${jumper.why}`}
          style={{ gridColumn: column, gridRow: `${FIRST_ROW + fromRow} / ${FIRST_ROW + toRow + 1}` }}
          className={`pointer-events-none relative z-[2] my-4 w-3 border-y-4 border-ink ${side === 'left' ? 'mr-[3.1rem] justify-self-end border-l-4' : 'ml-[3.1rem] border-r-4'}`}
        >
          <span
            className={`absolute top-1/2 -translate-y-1/2 font-label text-xs whitespace-nowrap max-sm:hidden ${side === 'left' ? 'right-full mr-1' : 'left-full ml-1'}`}
          >
            jumper
          </span>
        </div>
      ))}
    </>
  );
};

const CableWires = ({ cable, column, rows, state }: { cable: DiagramCable; column: number; rows: number; state: WiringState }) => (
  <>
    <div style={{ gridColumn: column, gridRow: 1 }} className="self-end pb-1 text-center text-xs leading-tight text-quiet">
      <span className="font-label text-sm max-sm:hidden">{cable.label}</span>
      <br className="max-sm:hidden" />
      <span className="max-sm:hidden">{cable.about}</span>
    </div>
    {cable.wires.map(({ conductor, row }) => {
      const isLive = state.hot.has(refText(conductor.from)) || state.hot.has(refText(conductor.to));
      return (
        <div
          key={conductor.id}
          style={{ gridColumn: column, gridRow: FIRST_ROW + row }}
          className="relative flex items-center justify-center"
          title={conductor.carries}
        >
          {conductor.colour === null ? (
            <>
              <span className="absolute inset-x-0 border-t-2 border-dashed border-fail" />
              <span className="relative bg-paper px-1 text-xs font-semibold text-fail">none left</span>
            </>
          ) : (
            <>
              {isLive && <span aria-hidden className="live absolute inset-x-0 h-3.5" />}
              <span
                aria-hidden
                className={`absolute inset-x-0 border-y border-ink/60 ${isLive ? 'h-1.5' : 'h-1'}`}
                style={{ background: INSULATION[conductor.colour] }}
              />
              <span
                className={`relative rounded-sm px-1 font-label text-xs leading-tight sm:text-sm ${isLive ? 'bg-ink font-semibold text-paper' : 'bg-paper text-quiet'}`}
              >
                {conductor.colour}
                {isLive && <span className="sr-only"> live</span>}
              </span>
            </>
          )}
        </div>
      );
    })}
    <div style={{ gridColumn: column, gridRow: FIRST_ROW + rows }} className="pt-2 text-center text-xs text-quiet">
      {cable.spares.length === 0 ? 'no spare' : `spare: ${cable.spares.join(', ')}`}
    </div>
  </>
);

/** The wiring as it should be, live for the moment: terminals, conductors, coils. Tap two terminals for the meter. */
export const Bench = ({ diagram, state, probes, onProbe }: BenchProps) => (
  <div
    className="grid grid-cols-[minmax(4.4rem,0.6fr)_minmax(2.4rem,0.4fr)_minmax(0,1.5fr)_minmax(2.4rem,0.4fr)_minmax(0,1.4fr)] gap-x-1 sm:grid-cols-[minmax(0,1fr)_minmax(4rem,0.9fr)_minmax(0,1.2fr)_minmax(4rem,0.9fr)_minmax(0,1.2fr)] sm:gap-x-2"
    style={{ gridTemplateRows: `auto repeat(${diagram.rows}, minmax(3rem, auto)) auto` }}
  >
    {diagram.devices.map((device, at) => (
      <Fragment key={device.id}>
        <Column device={device} column={at * 2 + 1} rows={diagram.rows} state={state} probes={probes} onProbe={onProbe} />
        {diagram.cables[at] && <CableWires cable={diagram.cables[at]} column={at * 2 + 2} rows={diagram.rows} state={state} />}
      </Fragment>
    ))}
  </div>
);
