'use client';

import { RadioGroup, RadioOption } from './radio-group';

interface RadioRowProps<T extends string | number> {
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T;
  readonly onChoose: (value: T) => void;
  readonly className: string;
  readonly optionClassName: string;
  /** Label, or the id of the labeling element. */
  readonly label?: string;
  readonly labelledBy?: string;
}

/** Options in one strip, the chosen one filled. */
export const RadioRow = <T extends string | number>({
  options,
  value,
  onChoose,
  className,
  optionClassName,
  label,
  labelledBy,
}: RadioRowProps<T>) => (
  <RadioGroup label={label} labelledBy={labelledBy} className={`rounded border border-line-strong ${className}`}>
    {options.map((option) => (
      <RadioOption
        key={option.value}
        isChosen={value === option.value}
        onChoose={() => onChoose(option.value)}
        className={`min-h-[42px] border-r border-line last:border-r-0 has-checked:bg-ink has-checked:font-semibold has-checked:text-paper ${optionClassName}`}
      >
        {option.label}
      </RadioOption>
    ))}
  </RadioGroup>
);
