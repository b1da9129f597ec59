import { useId } from 'react';

interface FormFieldProps extends React.ComponentProps<'input'> {
  readonly label: React.ReactNode;
  /** Label in an error message, such as “Crew”. */
  readonly named: string;
  readonly problem: string;
  readonly hint?: string | undefined;
}

/** A labeled field of a form, with its error below it. */
export const FormField = ({ label, named, problem, hint, className = '', ...input }: FormFieldProps) => {
  const id = useId();
  return (
    <div className="grid grid-cols-1">
      <label htmlFor={id} className="eyebrow">
        {label}
      </label>
      <input
        id={id}
        aria-invalid={problem !== ''}
        aria-describedby={problem || hint ? `${id}-note` : undefined}
        className={`field-box min-h-12 text-lg ${className}`}
        {...input}
      />
      <span
        id={`${id}-note`}
        role={problem ? 'alert' : undefined}
        className={problem ? 'border-l-4 border-fail pl-2' : 'text-sm text-quiet'}
      >
        {problem ? `${named} ${problem}` : hint}
      </span>
    </div>
  );
};
