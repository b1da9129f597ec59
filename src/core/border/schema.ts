import { number, string } from 'yup';
import { plainTextProblem } from './text';

/** A finite number within bounds; the message names the bounds. */
export const bounded = (min: number, max: number, unit = '') =>
  number()
    .typeError(`must be a number${unit && ` (${unit})`}`)
    .test(
      'finite',
      'must be a finite number',
      (value) => value === undefined || value === null || Number.isFinite(value),
    )
    .min(min, `must be at least ${min}${unit && ` ${unit}`}`)
    .max(max, `must be at most ${max}${unit && ` ${unit}`}`);

/** A number above zero and within bounds. */
export const positive = (max: number, unit = '') =>
  bounded(-Infinity, max, unit).test(
    'positive',
    `must be above zero${unit && ` ${unit}`}`,
    (value) => value === undefined || value === null || value > 0,
  );

/** A name: some text, with a maximum length. */
export const shortText = (maxLength = 120) =>
  string().typeError('must be text').max(maxLength, `must be at most ${maxLength} characters`);

/** Text from people: no markup, and no control characters except line breaks. */
export const plainText = (maxLength: number) =>
  shortText(maxLength).test({
    name: 'plain',
    test: (value, context) => {
      const problem = plainTextProblem(value ?? '', maxLength);
      return problem === null || context.createError({ message: problem });
    },
  });
