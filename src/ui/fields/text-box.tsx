'use client';

import { useId, useState } from 'react';
import { useTyped } from '../job/use-typed';
import { goToNextField } from './next-field';

interface TextBoxProps {
  readonly label: string;
  /** Unique name in the job: typed text then survives the page. */
  readonly name?: string | undefined;
  readonly value: string;
  readonly maxLength: number;
  readonly lines?: number | undefined;
  readonly check: (value: string) => string | null;
  readonly onCommit: (value: string) => void;
}

/** A text field. Entered on leaving; errors are shown next to it. */
export const TextBox = ({ label, name, value, maxLength, lines, check, onCommit }: TextBoxProps) => {
  const id = useId();
  const [typed, setTyped] = useTyped(name);
  const [wrong, setWrong] = useState<string | null>(null);
  const commit = () => {
    if (typed === null) return;
    const why = check(typed);
    setWrong(why);
    if (why !== null) return;
    // Typing the present value counts too: it confirms an assumption.
    onCommit(typed);
    setTyped(null);
  };
  const shared = {
    id,
    maxLength,
    value: typed ?? value,
    'data-typed': typed !== null,
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
          enterKeyHint="next"
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            const why = check(typed ?? value);
            // Leaving the field enters it.
            if (why !== null) setWrong(why);
            else goToNextField(event.currentTarget);
          }}
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
