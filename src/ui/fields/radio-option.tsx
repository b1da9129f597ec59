'use client';

/**
 * One way out of a few, drawn by its words alone: a real radio button lies over them, so that arrow keys, name and
 * group are the browser's own.
 */
export const RadioOption = ({
  group,
  isChosen,
  onChoose,
  className,
  children,
}: {
  /** The same for all options of one choice. */
  group: string;
  isChosen: boolean;
  /** Also told when what is chosen is chosen again: a guess tapped is a guess confirmed. */
  onChoose: () => void;
  className: string;
  children: React.ReactNode;
}) => (
  <label className={`relative flex items-center justify-center text-center ${className}`}>
    <input
      type="radio"
      name={group}
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
