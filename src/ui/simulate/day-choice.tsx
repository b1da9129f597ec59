'use client';

import { useId } from 'react';
import type { DayPick } from '@/core/simulation/weather/day-picks';
import type { TypedDay } from '@/core/simulation/weather/typed-weather';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { ChoiceBox } from '../fields/choice-box';
import { NumberBox } from '../fields/number-box';
import { LabeledSelect } from '../kit/labeled-select';
import { dateText, dateValue, dayOfDate } from '../weather/day-of-year';
import { DAY_COUNTS, type DayOn, type DayPlace } from './use-place';

const FIRST_TYPED: TypedDay = { leastF: 28, mostF: 38, humidity: 85 };

interface TypedField {
  readonly label: string;
  readonly unit: string;
  readonly bounds: readonly [number, number];
  readonly step: number;
  readonly of: (typed: TypedDay) => number;
  /** Typing one moves the other if they would cross. */
  readonly change: (typed: TypedDay, value: number) => Partial<TypedDay>;
}

const TYPED_FIELDS: readonly TypedField[] = [
  {
    label: 'Coldest',
    unit: '°F',
    bounds: [-40, 70],
    step: 1,
    of: ({ leastF }) => leastF,
    change: ({ mostF }, value) => ({ leastF: value, mostF: Math.max(value, mostF) }),
  },
  {
    label: 'Warmest',
    unit: '°F',
    bounds: [-40, 75],
    step: 1,
    of: ({ mostF }) => mostF,
    change: ({ leastF }, value) => ({ mostF: value, leastF: Math.min(value, leastF) }),
  },
  {
    label: 'Humidity',
    unit: '%',
    bounds: [5, 100],
    step: 5,
    of: ({ humidity }) => humidity,
    change: (_, value) => ({ humidity: value }),
  },
];

interface DayChoiceProps {
  readonly place: DayPlace;
  readonly picks: readonly DayPick[];
  readonly day: number;
  /** Whether the number of days can be chosen. */
  readonly hasLength?: boolean;
  readonly onGo: (change: Partial<DayPlace>) => void;
  /** Other controls in the row. */
  readonly children?: React.ReactNode;
}

/** Day and number of days: by character, by date, or typed. */
export const DayChoice = ({ place, picks, day, hasLength = true, onGo, children }: DayChoiceProps) => {
  const id = useId();
  const degrees = useDegrees();
  const { on } = place;
  const pick = on.kind === 'pick' ? picks.find((each) => each.id === on.id) : undefined;
  const typed = on.kind === 'typed' ? on.typed : null;
  const type = (change: Partial<TypedDay>) =>
    onGo({ on: { kind: 'typed', typed: { ...(typed ?? FIRST_TYPED), ...change } } });
  const choose = (value: string) => {
    if (value === 'typed') return type({});
    const next: DayOn = value === 'date' ? { kind: 'date', day } : { kind: 'pick', id: value };
    onGo({ on: next });
  };
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <span className="block w-full sm:w-64">
        <LabeledSelect
          label="Weather"
          value={on.kind === 'pick' ? (pick?.id ?? '') : on.kind}
          options={[
            ...picks.map((each) => ({ value: each.id, label: `${degrees.say(each.label)}, ${dateText(each.day)}` })),
            { value: 'date', label: 'Pick a date' },
            { value: 'typed', label: 'Type in a day' },
          ]}
          onChoose={choose}
        />
      </span>
      {hasLength && (
        <span className="min-w-0 flex-1 basis-44 sm:flex-none">
          <ChoiceBox
            label="Length of run"
            options={DAY_COUNTS}
            value={place.days}
            onCommit={(days) => onGo({ days })}
          />
        </span>
      )}
      {children}
      {on.kind === 'date' && (
        <span className="block max-w-48">
          <label htmlFor={`${id}-date`} className="eyebrow">
            Date
          </label>
          <input
            id={`${id}-date`}
            type="date"
            className="field-box w-full"
            min={dateValue(0)}
            max={dateValue(364)}
            value={dateValue(on.day)}
            onChange={(event) => {
              const next = dayOfDate(event.target.value);
              if (next !== null) onGo({ on: { kind: 'date', day: next } });
            }}
          />
        </span>
      )}
      {typed && (
        <div className="grid w-full max-w-lg grid-cols-3 gap-x-3">
          {TYPED_FIELDS.map(({ label, of, unit, bounds: [min, max], step, change }) => (
            <NumberBox
              key={label}
              label={label}
              unit={unit}
              min={min}
              max={max}
              step={step}
              value={of(typed)}
              onCommit={(value) => typeof value === 'number' && type(change(typed, value))}
            />
          ))}
        </div>
      )}
      {pick && (
        <p className="pb-2.5 text-sm text-quiet max-lg:hidden">
          <LocalizedDegrees>{pick.about}</LocalizedDegrees>
        </p>
      )}
    </div>
  );
};
