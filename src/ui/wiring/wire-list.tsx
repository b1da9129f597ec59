'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { DEVICE_LABELS } from '@/core/devices/device';
import {
  addConductor,
  addJumper,
  freeColors,
  landEnd,
  removeConductor,
  removeJumper,
  type WireEnd,
} from '@/core/wiring/as-found';
import { mayLand } from '@/core/wiring/drawing';
import {
  type Cable,
  colorName,
  type Harness,
  jumperWords,
  parseRef,
  refText,
  type TerminalRef,
} from '@/core/wiring/harness';
import type { AsFound } from './use-as-found';

const EndSelect = ({
  label,
  harness,
  cable,
  end,
  value,
  onChange,
}: {
  label: string;
  harness: Harness;
  cable: Cable;
  end: WireEnd;
  value: TerminalRef | null;
  onChange: (ref: TerminalRef | null) => void;
}) => (
  <select
    aria-label={label}
    className="field-box w-full min-w-0"
    value={value ? refText(value) : ''}
    onChange={(event) => onChange(parseRef(event.target.value))}
  >
    <option value="">not landed</option>
    {harness.devices
      .filter(({ id }) => mayLand(harness, cable, end, id))
      .map(({ id, terminals }) => (
        <optgroup key={id} label={DEVICE_LABELS[id]}>
          {terminals.map(({ mark }) => (
            <option key={mark} value={`${id}.${mark}`}>
              {mark}, {DEVICE_LABELS[id].toLowerCase()}
            </option>
          ))}
        </optgroup>
      ))}
  </select>
);

const CableWires = ({ cable, found }: { cable: Cable; found: AsFound }) => {
  const { harness, rows, setRows } = found;
  const free = freeColors(rows, cable.id);
  return (
    <fieldset className="mb-4 min-w-0">
      <legend className="eyebrow">{cable.label}</legend>
      <ul>
        {harness.conductors
          .filter((conductor) => conductor.cable === cable.id)
          .map(({ id, colour, from, to }) => (
            <li key={id} className="grid grid-cols-[4rem_1fr_1fr_44px] items-center gap-1.5 border-b border-line py-1">
              <span className="font-label text-lg">{colorName(colour, 'none left')}</span>
              <EndSelect
                label={`${colorName(colour)}, first end`}
                harness={harness}
                cable={cable}
                end="from"
                value={from}
                onChange={(ref) => setRows(landEnd(rows, id, 'from', ref))}
              />
              <EndSelect
                label={`${colorName(colour)}, second end`}
                harness={harness}
                cable={cable}
                end="to"
                value={to}
                onChange={(ref) => setRows(landEnd(rows, id, 'to', ref))}
              />
              <button
                type="button"
                className="bare-button"
                aria-label={`Remove ${colorName(colour, 'the conductor')}`}
                onClick={() => setRows(removeConductor(rows, id))}
              >
                <Trash2 size={18} aria-hidden />
              </button>
            </li>
          ))}
      </ul>
      {free.length > 0 && (
        <select
          aria-label={`Add a conductor to the ${cable.label.toLowerCase()}`}
          className="field-box mt-1"
          value=""
          onChange={(event) => event.target.value && setRows(addConductor(rows, cable.id, event.target.value))}
        >
          <option value="">Add a conductor…</option>
          {free.map((colour) => (
            <option key={colour} value={colour}>
              {colorName(colour)}
            </option>
          ))}
        </select>
      )}
    </fieldset>
  );
};

const Jumpers = ({ found }: { found: AsFound }) => {
  const { harness, rows, setRows } = found;
  const [device, setDevice] = useState(harness.devices[0]!.id);
  const marks = harness.devices.find(({ id }) => id === device)?.terminals.map(({ mark }) => mark) ?? [];
  const [ends, setEnds] = useState<readonly [string, string]>(['', '']);
  const pick = (which: 0 | 1, mark: string) => setEnds(which === 0 ? [mark, ends[1]] : [ends[0], mark]);
  return (
    <fieldset className="mb-4">
      <legend className="eyebrow">Jumpers</legend>
      <ul>
        {harness.jumpers.map((jumper) => (
          <li key={jumper.id} className="flex items-center justify-between border-b border-line">
            <span>
              {DEVICE_LABELS[jumper.from.device]}: {jumper.from.mark}–{jumper.to.mark}
            </span>
            <button
              type="button"
              className="bare-button"
              aria-label={`Remove the ${jumperWords(jumper)}`}
              onClick={() => setRows(removeJumper(rows, jumper))}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-1.5">
        <select
          aria-label="Jumper at"
          className="field-box"
          value={device}
          onChange={(event) => setDevice(event.target.value as typeof device)}
        >
          {harness.devices.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
        {([0, 1] as const).map((which) => (
          <select
            key={which}
            aria-label={`Jumper ${which === 0 ? 'from' : 'to'}`}
            className="field-box"
            value={marks.includes(ends[which]) ? ends[which] : ''}
            onChange={(event) => pick(which, event.target.value)}
          >
            <option value="">…</option>
            {marks.map((mark) => (
              <option key={mark}>{mark}</option>
            ))}
          </select>
        ))}
        <button
          type="button"
          className="plain-button"
          disabled={!marks.includes(ends[0]) || !marks.includes(ends[1]) || ends[0] === ends[1]}
          onClick={() => setRows(addJumper(rows, { device, mark: ends[0] }, { device, mark: ends[1] }))}
        >
          Add jumper
        </button>
      </div>
    </fieldset>
  );
};

/**
 * Every conductor and jumper as a list with selectable ends: the same record as the drawing, for thumbs and screen
 * readers.
 */
export const WireList = ({ found }: { found: AsFound }) => (
  <section aria-label="Wire list">
    {found.harness.cables.map((cable) => (
      <CableWires key={cable.id} cable={cable} found={found} />
    ))}
    <Jumpers found={found} />
  </section>
);
