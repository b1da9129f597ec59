import { useId } from 'react';

interface PinFieldProps {
  readonly label: string;
  readonly value: string;
  readonly isFirst?: boolean;
  readonly onType: (digits: string) => void;
}

/** A PIN field: digits only, hidden, with the numeric keypad. */
export const PinField = ({ label, value, isFirst = false, onType }: PinFieldProps) => {
  const field = useId();
  return (
    <>
      <label className="eyebrow mt-3 mb-1 block" htmlFor={field}>
        {label}
      </label>
      <input
        id={field}
        type="password"
        inputMode="numeric"
        autoComplete="off"
        autoFocus={isFirst}
        maxLength={8}
        value={value}
        onChange={({ target }) => onType(target.value.replace(/\D/g, ''))}
        className="field-box h-14 w-full text-2xl tracking-[0.4em]"
      />
    </>
  );
};
