'use client';

import { useId, useState } from 'react';

/** A table cell for typing, with its name for screen readers. */
export const Cell = ({
  label,
  value,
  isMono = false,
  onChange,
}: {
  label: string;
  value: string;
  isMono?: boolean;
  onChange: (value: string) => void;
}) => (
  <input
    aria-label={label}
    autoComplete="off"
    className={`field-box w-full ${isMono ? 'font-mono' : ''}`}
    value={value}
    onChange={(event) => onChange(event.target.value)}
  />
);

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly isMono?: boolean;
  readonly isNumber?: boolean;
  readonly onChange: (value: string) => void;
}

/** A field with its label above; a number is reported once valid. */
export const Field = ({ label, value, isMono = false, isNumber = false, onChange }: FieldProps) => {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const isWrong =
    isNumber && typed !== null && (typed.trim() === '' || !Number.isFinite(Number(typed.replace(',', '.'))));
  return (
    <span className="block min-w-0">
      <label htmlFor={id} className="eyebrow block">
        {label}
      </label>
      <input
        id={id}
        autoComplete="off"
        inputMode={isNumber ? 'decimal' : 'text'}
        aria-invalid={isWrong}
        className={`field-box w-full ${isMono || isNumber ? 'font-mono' : ''}`}
        value={typed ?? value}
        onBlur={() => !isWrong && setTyped(null)}
        onChange={(event) => {
          const text = event.target.value;
          setTyped(text);
          const number = text.replace(',', '.');
          if (!isNumber) onChange(text);
          else if (text.trim() !== '' && Number.isFinite(Number(number))) onChange(number);
        }}
      />
    </span>
  );
};

/** Steps, one per line. */
export const StepsField = ({
  label,
  value,
  onChange,
}: {
  label: string;
  value: readonly string[];
  onChange: (steps: readonly string[]) => void;
}) => {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <span className="block">
      <label htmlFor={id} className="eyebrow block">
        {label}
      </label>
      <textarea
        id={id}
        rows={3}
        className="field-box w-full py-2"
        placeholder="one step per line"
        value={typed ?? value.join('\n')}
        onBlur={() => setTyped(null)}
        onChange={(event) => {
          setTyped(event.target.value);
          onChange(
            event.target.value
              .split('\n')
              .map((line) => line.trim())
              .filter(Boolean),
          );
        }}
      />
    </span>
  );
};
