import { type PlannedStep, tally } from './plan';

/**
 * The answer on the Startup page: whether the system passes so far, and the readings that do not.
 * @param steps all steps of the visit's list
 */
export const startupAnswer = (steps: readonly PlannedStep[]): string => {
  const { open, pass, warn, fail, noted } = tally(steps);
  const read = pass + warn + fail + noted;
  const graded = (grade: 'fail' | 'warn') =>
    steps.flatMap(({ items }) => items.filter(({ verdict }) => verdict?.grade === grade).map(({ item }) => item.label));
  const named = (labels: readonly string[]) =>
    `${labels.slice(0, 2).join('; ')}${labels.length > 2 ? ` and ${labels.length - 2} more` : ''}`;
  if (fail > 0) return `Fails: ${named(graded('fail'))}. ${open} readings to go.`;
  if (warn > 0) return `Recheck: ${named(graded('warn'))}. ${open} readings to go.`;
  if (read === 0) return `Nothing is measured yet: ${open} readings to take.`;
  return open > 0 ? `Everything measured passes. ${open} readings to go.` : 'Everything measured passes.';
};
