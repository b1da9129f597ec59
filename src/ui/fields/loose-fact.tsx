'use client';

import { factAt, type FactPath } from '@/core/job/document';
import { ChoiceBox } from './choice-box';
import { NumberBox } from './number-box';

/** Placeholder of a choice not made. */
const NOT_YET = '';

interface LooseFactProps {
  readonly path: FactPath;
  /** Its label, if not the fact's own. */
  readonly label?: string;
  readonly value: unknown;
  /** Placeholder without a value. */
  readonly none: string;
  /** `undefined`: no value. */
  readonly onSay: (value: string | number | boolean | undefined) => void;
}

/** An optional fact outside of a job. */
export const LooseFact = ({ path, label, value, none, onSay }: LooseFactProps) => {
  const fact = factAt(path);
  switch (fact.kind) {
    case 'choice':
      return (
        <ChoiceBox
          label={label ?? fact.label}
          options={[{ value: NOT_YET, label: none }, ...fact.options]}
          value={(value as string | number | undefined) ?? NOT_YET}
          onCommit={(next) => onSay(next === NOT_YET ? undefined : next)}
        />
      );
    case 'flag':
      return (
        <ChoiceBox
          label={label ?? fact.label}
          options={[
            { value: NOT_YET, label: none },
            { value: 'yes', label: 'Yes' },
            { value: 'no', label: 'No' },
          ]}
          value={value === undefined ? NOT_YET : value ? 'yes' : 'no'}
          onCommit={(next) => onSay(next === NOT_YET ? undefined : next === 'yes')}
        />
      );
    case 'number':
      return (
        <NumberBox
          label={label ?? fact.label}
          value={(value as number | undefined) ?? null}
          unit={fact.unit}
          isDifference={fact.isDifference}
          isShare={fact.isShare}
          step={fact.step}
          min={fact.min}
          max={fact.max}
          none={none}
          onCommit={(next) => onSay(next === null || next === 'OL' ? undefined : next)}
        />
      );
    default:
      return null;
  }
};
