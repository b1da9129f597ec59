'use client';

import { useId } from 'react';
import { cutText } from '@/core/border/text';
import { optionsOf, type ProfileEntry } from '@/core/setup/profiles/profile';
import { useTyped } from '../../job/use-typed';

interface CodeBoxProps {
  readonly label: string;
  /** Unique name in the job. */
  readonly name: string;
  readonly entry: ProfileEntry;
  readonly value: string;
  readonly onCommit: (value: string) => void;
}

/** Displayed value of an entry: one of its codes, or a number. */
export const CodeBox = ({ label, name, entry, value, onCommit }: CodeBoxProps) => {
  const id = useId();
  const [typed, setTyped] = useTyped(name);
  const options = optionsOf(entry);
  const commit = () => {
    if (typed !== null && typed.trim() !== value) onCommit(cutText(typed.trim(), 40));
    setTyped(null);
  };
  return (
    <span className="block min-w-0">
      <label htmlFor={id} className="eyebrow block">
        {label}
      </label>
      {options.length > 0 ? (
        <select
          id={id}
          className="field-box w-full font-mono"
          value={value}
          onChange={(event) => onCommit(event.target.value)}
        >
          <option value="">not read</option>
          {options.map(({ code, label: words }) => (
            <option key={code} value={code}>
              {code} · {words}
            </option>
          ))}
          {value !== '' && !options.some(({ code }) => code === value) && <option value={value}>{value}</option>}
        </select>
      ) : (
        <input
          id={id}
          className="field-box w-full font-mono"
          inputMode="text"
          autoComplete="off"
          enterKeyHint="done"
          placeholder="not read"
          value={typed ?? value}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => event.key === 'Enter' && commit()}
        />
      )}
    </span>
  );
};
