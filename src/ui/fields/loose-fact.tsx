'use client';

import { factAt, type FactPath } from '@/core/job/document';
import { ChoiceBox } from './choice-box';
import { NumberBox } from './number-box';

/** Stands for a choice that no one has made. */
const NOT_YET = '';

interface LooseFactProps {
  readonly path: FactPath;
  /** Its label, where it is not the fact's own. */
  readonly label?: string;
  readonly value: unknown;
  /** What stands where nothing was said. */
  readonly none: string;
  /** `undefined`: nothing is said of it. */
  readonly onSay: (value: string | number | boolean | undefined) => void;
}

/** A fact that belongs to no job yet, and of which nothing needs to be said. */
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
