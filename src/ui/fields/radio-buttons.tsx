'use client';

/** A few ways, one of them taken, as buttons side by side. */
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
  <div role="radiogroup" aria-label={label} className={`grid gap-1 ${className}`}>
    {options.map(([each, words]) => (
      <button
        key={words}
        type="button"
        role="radio"
        aria-checked={value === each}
        className="plain-button min-h-11 px-1.5 text-sm leading-tight whitespace-normal aria-checked:border-2 aria-checked:border-ink aria-checked:font-semibold"
        onClick={() => onChoose(each)}
      >
        {words}
      </button>
    ))}
  </div>
);
