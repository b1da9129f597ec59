import { useId } from 'react';

/** A select with its label on one line. */
export const PlainSelect = <T extends string>({
  label,
  value,
  options,
  onChoose,
}: {
  label: string;
  value: T;
  options: readonly (readonly [value: T, label: string])[];
  onChoose: (value: T) => void;
}) => {
  const id = useId();
  return (
    <span className="flex items-center gap-2">
      <label htmlFor={id} className="eyebrow">
        {label}
      </label>
      <select
        id={id}
        className="field-box min-w-0"
        value={value}
        onChange={(event) => onChoose(event.target.value as T)}
      >
        {options.map(([each, words]) => (
          <option key={each} value={each}>
            {words}
          </option>
        ))}
      </select>
    </span>
  );
};
