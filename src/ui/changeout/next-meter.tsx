'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { NextReading } from '@/core/changeout/next-reading';
import { isOldCall, OLD_CALLS } from '@/core/changeout/old-calls';
import type { IdentifiedConductor } from '@/core/changeout/understood';
import type { OldConductorRow } from '@/core/job/facts/changeout';
import { oldWiringOverVolts } from '@/core/safety/old-wiring-volts';
import { MOST_CONTROL_VOLTS } from '@/core/units/control-volts';
import { parseTyped } from '@/core/units/parse-number';
import { colorName } from '@/core/wiring/harness';
import { useJob } from '../job/provider';
import { useOldWiring } from './use-old-wiring';

const screw = ({ letter, colour }: OldConductorRow) => `${letter === '' ? '' : `${letter}, `}${colorName(colour)}`;

/** The most informative reading, with its field. */
const Ask = ({ next }: { next: NextReading }) => {
  const { readings, setReadings } = useOldWiring();
  const [text, setText] = useState('');
  const [why, setWhy] = useState<string | null>(null);
  const { hot, row, call, isForValveMode } = next;
  const keep = (volts: string) =>
    setReadings([...readings, { colour: row.colour, call, volts: volts.trim().slice(0, 8) }]);
  return (
    <form
      className="border-l-4 border-ink pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        const typed = parseTyped(text);
        if (typed.kind === 'number') return keep(text);
        setWhy(typed.kind === 'wrong' ? typed.why : 'Type the volts that the meter shows, such as 25.6 or 0.');
      }}
    >
      <p className="eyebrow">Most useful next reading</p>
      <p className="font-label text-2xl leading-tight font-semibold">
        {screw(hot)} to {screw(row)}, AC volts
      </p>
      <p>
        System powered, old thermostat still in place. {OLD_CALLS[call].set}{' '}
        {isForValveMode
          ? 'Shows which mode energizes the valve: 0 V, this call does; 24 V, it does not.'
          : '0 V: this call energizes it. 24 V: it does not; a coil, or the common, is on that wire.'}
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <label>
          <span className="eyebrow block">Volts</span>
          <input
            className="field-box w-28 font-mono text-2xl"
            inputMode="decimal"
            value={text}
            aria-invalid={why !== null}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <button type="submit" className="strong-button">
          Save
        </button>
      </div>
      {why && (
        <p role="alert" className="font-medium text-fail">
          {why}
        </p>
      )}
      {isForValveMode && (
        <p className="mt-1 text-sm text-quiet">
          Without a meter: if it blows cold in cooling and the vapor line is cold at the indoor coil, the old setting
          was right. Read it off the old thermostat. Never go by habit.
        </p>
      )}
    </form>
  );
};

/** A reading that stops the work cannot be withdrawn with a tap. */
const isOver = (text: string): boolean => {
  const read = parseTyped(text);
  return read.kind === 'number' && Math.abs(read.value) > MOST_CONTROL_VOLTS;
};

/** Meter readings so far, and the next one; or that no reading here would tell more. */
export const NextMeter = ({ next, known }: { next: NextReading | null; known: readonly IdentifiedConductor[] }) => {
  const { rows, readings, setReadings } = useOldWiring();
  const over = useJob((job) => oldWiringOverVolts(job.facts).length > 0);
  const open = known.filter(({ does }) => does === null).length;
  const unproved = known.filter(({ does, isProved }) => does !== null && !isProved).length;
  const letterOf = (colour: string) => rows.find((row) => row.colour === colour)?.letter ?? '';
  return (
    <section aria-labelledby="meter-title">
      <h2 id="meter-title" className="mb-1 part-head">
        At the meter
      </h2>
      {over ? (
        <p className="font-semibold text-fail">
          Over 30 V was read here. Stop: a line-voltage thermostat, or crossed circuits. Only the same conductor, read
          again at 30 V or less, goes on.
        </p>
      ) : next ? (
        <Ask key={`${next.row.colour} ${next.call}`} next={next} />
      ) : (
        <p>
          {open === 0
            ? unproved === 0
              ? 'All conductors identified.'
              : `Every conductor has a likely place; ${unproved} ${unproved === 1 ? 'is' : 'are'} known by the letter only. Follow ${unproved === 1 ? 'it' : 'them'} or meter ${unproved === 1 ? 'it' : 'them'} before landing.`
            : 'No reading at the thermostat will help further. Trace the unknown wires: power off and verified dead, twist two together at one end, and find them with an ohmmeter at the other end.'}
        </p>
      )}
      {readings.length > 0 && (
        <ul aria-label="Meter readings" className="mt-2">
          {readings.map(({ colour, call, volts }, at) => (
            <li
              key={`${at} ${colour} ${call}`}
              className="flex items-center justify-between gap-2 border-b border-line"
            >
              <span>
                {screw({ colour, letter: letterOf(colour), board: '' })}, in{' '}
                {isOldCall(call) ? OLD_CALLS[call].label.toLowerCase() : call}:{' '}
                <span className="font-mono">{volts} V</span> to hot
              </span>
              {!isOver(volts) && (
                <button
                  type="button"
                  className="bare-button"
                  aria-label={`Remove this reading: ${colorName(colour)} in ${call}`}
                  onClick={() => setReadings(readings.filter((_, index) => index !== at))}
                >
                  <Trash2 size={18} aria-hidden />
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
};
