import { useId } from 'react';

/** One entry of a select. */
export interface SelectOption<T extends string | number> {
  readonly value: T;
  readonly label: string;
}

interface LabeledSelectProps<T extends string | number> {
  readonly label: string;
  /** Where its label is; `hidden`: for screen readers only. */
  readonly place?: 'above' | 'beside' | 'hidden';
  readonly value: T;
  /** A value that is not among them is listed as it is. */
  readonly options: readonly SelectOption<T>[];
  readonly onChoose: (value: T) => void;
  /** Classes of the select. */
  readonly className?: string;
}

const FRAMES = { above: 'block min-w-0', beside: 'flex items-center gap-2', hidden: 'contents' } as const;

/** One of a list, with its label. */
export const LabeledSelect = <T extends string | number>({
  label,
  place = 'above',
  value,
  options,
  onChoose,
  className = place === 'above' ? 'w-full' : 'min-w-0',
}: LabeledSelectProps<T>) => {
  const id = useId();
  const isListed = options.some((option) => option.value === value);
  return (
    <span className={FRAMES[place]}>
      {place !== 'hidden' && (
        <label htmlFor={id} className="eyebrow">
          {label}
        </label>
      )}
      <select
        id={id}
        aria-label={place === 'hidden' ? label : undefined}
        className={`field-box ${className}`}
        value={String(value)}
        onChange={({ target }) => {
          const chosen = options.find((option) => String(option.value) === target.value);
          if (chosen) onChoose(chosen.value);
        }}
      >
        {!isListed && <option value={String(value)}>{value === '' ? 'choose' : value}</option>}
        {options.map((option) => (
          <option key={option.value} value={String(option.value)}>
            {option.label}
          </option>
        ))}
      </select>
    </span>
  );
};
