'use client';

import { type ClampAt, clampId, clampPlaces, clampReach, expectedAmpsNow } from '@/core/strips/clamp';
import type { LadderState } from '@/core/strips/ladder-state';
import { ChoiceBox } from '../fields/choice-box';
import { useJob } from '../job/provider';

interface ClampExpectedProps {
  readonly clamp: ClampAt;
  readonly onClamp: (clamp: ClampAt) => void;
  readonly state: LadderState;
  readonly seconds: number;
  readonly volts: number;
  readonly isMeasured: boolean;
}

/** The clamp place, and its expected reading at this second. */
export const ClampExpected = ({ clamp, onClamp, state, seconds, volts, isMeasured }: ClampExpectedProps) => {
  const facts = useJob((job) => job.facts);
  const places = clampPlaces(facts);
  return (
    <section aria-label="Clamp">
      <ChoiceBox
        label="Clamp on"
        options={places.map((place) => ({ value: clampId(place), label: clampReach(facts, place).label }))}
        value={clampId(clamp)}
        onCommit={(chosen) => onClamp(places.find((place) => clampId(place) === chosen) ?? { kind: 'main' })}
      />
      <h2 className="eyebrow mt-3">The clamp should read now</h2>
      <p aria-live="polite" className="font-mono text-5xl font-semibold">
        {expectedAmpsNow(facts, clamp, state, volts).toFixed(1)}
        <span className="text-xl font-normal text-quiet"> A</span>
      </p>
      <p className="text-sm">
        {clampReach(facts, clamp).label}, {seconds} s into the call, {volts} V{isMeasured ? ' measured' : ' nominal'}
      </p>
    </section>
  );
};
