'use client';

import { RadioGroup, RadioOption } from './radio-group';

/** Choices as buttons side by side. */
export const RadioButtons = <V,>({
  label,
  options,
  value,
  onChoose,
  className,
}: {
  label: string;
  options: readonly (readonly [value: V, words: string])[];
  value: V;
  onChoose: (value: V) => void;
  className: string;
}) => (
  <RadioGroup label={label} className={`grid gap-1 ${className}`}>
    {options.map(([each, words]) => (
      <RadioOption
        key={words}
        isChosen={value === each}
        onChoose={() => onChoose(each)}
        className="plain-button min-h-11 px-1.5 text-sm leading-tight whitespace-normal has-checked:border-2 has-checked:border-ink has-checked:font-semibold"
      >
        {words}
      </RadioOption>
    ))}
  </RadioGroup>
);
