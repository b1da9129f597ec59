'use client';

import { createContext, use, useId } from 'react';

/** What the browser knows the options of one choice by. */
const GroupName = createContext('');

/** A choice of one of a few, called by its own words or by the element that says them. */
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

/**
 * One way out of a few, drawn by its words alone: a real radio button lies over them, so that arrow keys, name and
 * group are the browser's own.
 */
export const RadioOption = ({
  isChosen,
  onChoose,
  className,
  children,
}: {
  isChosen: boolean;
  /** Also told when what is chosen is chosen again: a guess tapped is a guess confirmed. */
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
