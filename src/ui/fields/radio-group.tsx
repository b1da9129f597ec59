'use client';

import { createContext, use, useId } from 'react';

/** Radio group name for the browser. */
const GroupName = createContext('');

/** A radio group, labeled by text or by an element. */
export const RadioGroup = ({
  label,
  labelledBy,
  className,
  children,
}: {
  label?: string | undefined;
  labelledBy?: string | undefined;
  className: string;
  children: React.ReactNode;
}) => (
  <GroupName value={useId()}>
    <div role="radiogroup" aria-label={label} aria-labelledby={labelledBy} className={className}>
      {children}
    </div>
  </GroupName>
);

/** One option: a real radio button lies over its text, so that arrow keys, name and group are native. */
export const RadioOption = ({
  isChosen,
  onChoose,
  className,
  children,
}: {
  isChosen: boolean;
  /** Also called when the present choice is tapped: that confirms an assumption. */
  onChoose: () => void;
  className: string;
  children: React.ReactNode;
}) => (
  <label className={`relative flex items-center justify-center text-center ${className}`}>
    <input
      type="radio"
      name={use(GroupName)}
      autoComplete="off"
      checked={isChosen}
      onChange={onChoose}
      onClick={() => isChosen && onChoose()}
      onKeyDown={({ key }) => isChosen && (key === ' ' || key === 'Enter') && onChoose()}
      className="absolute -inset-y-px inset-x-0 cursor-pointer appearance-none rounded"
    />
    {children}
  </label>
);
