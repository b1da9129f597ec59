'use client';

import { useId } from 'react';
import { useDegrees } from '../degrees/degrees';
import { LabeledSelect, type SelectOption } from '../kit/labeled-select';
import { RadioRow } from './radio-row';

interface ChoiceBoxProps<T extends string | number> {
  readonly label: string;
  readonly options: readonly SelectOption<T>[];
  readonly value: T;
  readonly onCommit: (value: T) => void;
}

/** Choices with at most this many letters in total are shown side by side; otherwise a list. */
const MOST_LETTERS = 34;

/** A choice: side by side if there is room, else a list. */
export const ChoiceBox = <T extends string | number>({ label, options, value, onCommit }: ChoiceBoxProps<T>) => {
  const id = useId();
  const { say } = useDegrees();
  const localized = options.map((option) => ({ ...option, label: say(option.label) }));
  if (options.length > 4 || options.map((option) => option.label).join('').length > MOST_LETTERS)
    return <LabeledSelect label={label} value={value} options={localized} onChoose={onCommit} />;
  return (
    <span className="block">
      <span id={id} className="eyebrow">
        {label}
      </span>
      <RadioRow
        labelledBy={id}
        options={localized}
        value={value}
        onChoose={onCommit}
        className="flex flex-wrap"
        optionClassName="flex-1 px-2"
      />
    </span>
  );
};
