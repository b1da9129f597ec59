'use client';

import { useId, useState } from 'react';

interface TextBoxProps {
  readonly label: string;
  readonly value: string;
  readonly maxLength: number;
  readonly lines?: number | undefined;
  readonly check: (value: string) => string | null;
  readonly onCommit: (value: string) => void;
}

/** A field for words. It saves a moment after typing stops, and on leaving; what is wrong stands beside it. */
export const TextBox = ({ label, value, maxLength, lines, check, onCommit }: TextBoxProps) => {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const commit = () => {
    if (typed === null) return;
    const why = check(typed);
    setWrong(why);
    if (why !== null) return;
    if (typed !== value) onCommit(typed);
    setTyped(null);
  };
  const shared = {
    id,
    maxLength,
    value: typed ?? value,
    'aria-invalid': wrong !== null,
    'aria-describedby': wrong === null ? undefined : `${id}-wrong`,
    onBlur: commit,
    onChange: (event: { target: { value: string } }) => {
      setTyped(event.target.value);
      if (wrong !== null) setWrong(check(event.target.value));
    },
  };
  return (
    <span className="block">
      <label htmlFor={id} className="eyebrow">
        {label}
      </label>
      {lines ? (
        <textarea {...shared} rows={lines} className="field-box w-full py-2" />
      ) : (
        <input
          {...shared}
          autoComplete="off"
          onKeyDown={(event) => event.key === 'Enter' && commit()}
          className="field-box w-full"
        />
      )}
      {wrong !== null && (
        <span id={`${id}-wrong`} role="alert" className="mt-1 block text-sm font-medium text-fail">
          {wrong}
        </span>
      )}
    </span>
  );
};
