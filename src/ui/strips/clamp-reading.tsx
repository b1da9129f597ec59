'use client';

import type { Observation } from '@/core/model/observable';
import { clampPlaceOf, observationKey, observedNow, stripKeys } from '@/core/model/observation-key';
import { LOADED_TOLERANCE } from '@/core/startup/strip-volts';
import { type ClampAt, clampReach } from '@/core/strips/clamp';
import type { LadderState } from '@/core/strips/ladder-state';
import { ampsMeaning } from '@/core/strips/reading-meaning';
import { voltsMeaning } from '@/core/strips/volts-meaning';
import { LocalizedDegrees } from '../degrees/degrees';
import { NumberBox } from '../fields/number-box';
import { useJob } from '../job/provider';
import { useSaveReading } from '../job/use-save-reading';
import { UseReadingButton } from '../meter/use-reading-button';

const KIND_WORDS = {
  sound: 'Good',
  'low-supply': 'Low voltage',
  'not-yet': 'Not on yet',
  dead: 'Dead',
  more: 'More on than called',
  blower: 'Blower',
  nothing: 'Nothing',
} as const;

/** The supply of the first kit circuit with strips on. */
const LOADED_VOLTS: Observation = { call: null, observable: { kind: 'line-volts', at: 'kit-1', isLoaded: true } };

const numberOf = (value: unknown) => (typeof value === 'number' ? value : null);

/** Volts and amps as read at the clamp, and what they mean. */
export const ClampReading = ({
  clamp,
  state,
  measuredVolts,
}: {
  clamp: ClampAt;
  state: LadderState;
  measuredVolts: number | null;
}) => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const call = useJob((job) => job.moment.call);
  const amps = { call, observable: { kind: 'amps', clamp } } as const;
  const item = observationKey(facts, amps);
  const current = observedNow(facts, readings);
  const keepVolts = useSaveReading(stripKeys(facts).volts);
  const keepAmps = useSaveReading(item);
  const readAmps = numberOf(current.get(item)?.value);
  const supply =
    measuredVolts === null ? null : voltsMeaning(measuredVolts, facts.heatKit.serviceVolts, LOADED_TOLERANCE);
  const meanings = readAmps === null ? [] : ampsMeaning(facts, clamp, readAmps, measuredVolts, state);
  return (
    <section aria-label="Reading">
      <div className="grid gap-3 sm:grid-cols-2">
        <div>
          <NumberBox
            name={stripKeys(facts).volts}
            label="Volts at the kit, strips on"
            value={measuredVolts}
            none="read"
            unit="V"
            step={1}
            min={60}
            max={300}
            isLarge
            onCommit={(value) => typeof value === 'number' && value !== measuredVolts && keepVolts(value)}
          />
          <UseReadingButton
            leads={{ of: LOADED_VOLTS, unit: 'V', words: 'Volts at the kit, strips on', isLine: true }}
            onTake={(value, beside) => keepVolts(value, null, beside)}
          />
        </div>
        <div>
          <NumberBox
            key={item}
            name={item}
            label={`Amps: ${clampReach(facts, clamp).label}`}
            value={readAmps}
            none="read"
            unit="A"
            step={0.1}
            min={0}
            max={400}
            isLarge
            onCommit={(value) =>
              typeof value === 'number' && value !== readAmps && keepAmps(value, clampPlaceOf(facts, clamp))
            }
          />
          <UseReadingButton
            leads={{ of: amps, unit: 'A', words: `Amps: ${clampReach(facts, clamp).label}`, isLine: false }}
            onTake={(value, beside) => keepAmps(value, clampPlaceOf(facts, clamp), beside)}
          />
        </div>
      </div>
      {supply && (
        <p className="mt-2 border-l-4 border-warn pl-3">
          <LocalizedDegrees>{supply.means}</LocalizedDegrees> <LocalizedDegrees>{supply.next}</LocalizedDegrees>
        </p>
      )}
      {readAmps !== null && (
        <ol aria-label="What it means" className="mt-3 space-y-2">
          {meanings.map((meaning, at) => (
            <li
              key={meaning.words}
              className={`border-l-4 pl-3 ${at === 0 ? 'border-ink' : 'border-line-strong text-quiet'}`}
            >
              <b className="font-label text-lg">{KIND_WORDS[meaning.kind]}</b> {meaning.words} {meaning.next}
            </li>
          ))}
          {meanings.length === 0 && (
            <li className="border-l-4 border-fail pl-3">
              No combination of elements gives {readAmps} A at {measuredVolts ?? facts.heatKit.serviceVolts} V here.
              Zero the clamp, check that only one conductor is in it, and check the voltage.
            </li>
          )}
        </ol>
      )}
    </section>
  );
};
