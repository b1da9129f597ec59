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
  const notes = [...(problem ? [`${id}-problem`] : []), ...(hint ? [`${id}-hint`] : [])];
  return (
    <div className="grid grid-cols-1 gap-y-1">
      <label htmlFor={id} className="eyebrow">
        {label}
      </label>
      <input
        id={id}
        aria-invalid={problem !== ''}
        aria-describedby={notes.length > 0 ? notes.join(' ') : undefined}
        className={`field-box min-h-12 text-lg ${className}`}
        {...input}
      />
      {problem && (
        <span id={`${id}-problem`} role="alert" className="border-l-4 border-fail pl-2">
          {named} {problem}
        </span>
      )}
      {hint && (
        <span id={`${id}-hint`} className="text-sm text-quiet">
          {hint}
        </span>
      )}
    </div>
  );
};
