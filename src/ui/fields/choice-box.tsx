'use client';

import { useId } from 'react';
import { useDegrees } from '../degrees/degrees';
import { RadioRow } from './radio-row';

interface ChoiceBoxProps<T extends string | number> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T;
  readonly onCommit: (value: T) => void;
}

/** Choices with at most this many letters in total are shown side by side; otherwise a list. */
const MOST_LETTERS = 34;

/** A choice: side by side if there is room, else a list. */
export const ChoiceBox = <T extends string | number>({ label, options, value, onCommit }: ChoiceBoxProps<T>) => {
  const id = useId();
  const { say } = useDegrees();
  const byText = (text: string) => options.find((option) => String(option.value) === text)?.value;
  if (options.length > 4 || options.map((option) => option.label).join('').length > MOST_LETTERS) {
    return (
      <span className="block">
        <label htmlFor={id} className="eyebrow">
          {label}
        </label>
        <select
          id={id}
          className="field-box w-full"
          value={String(value)}
          onChange={(event) => {
            const chosen = byText(event.target.value);
            if (chosen !== undefined) onCommit(chosen);
          }}
        >
          {options.map((option) => (
            <option key={option.value} value={String(option.value)}>
              {say(option.label)}
            </option>
          ))}
        </select>
      </span>
    );
  }
  return (
    <span className="block">
      <span id={id} className="eyebrow">
        {label}
      </span>
      <RadioRow
        labelledBy={id}
        options={options.map((option) => ({ ...option, label: say(option.label) }))}
        value={value}
        onChoose={onCommit}
        className="flex flex-wrap"
        optionClassName="flex-1 px-2"
      />
    </span>
  );
};
