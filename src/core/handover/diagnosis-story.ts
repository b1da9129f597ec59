import { causesOf } from '../causes';
import { COMPLAINT_ITEM, complaintWords, FIXED_ITEM, toPutBack } from '../diagnosis/recorded-items';
import { inTime } from '../job/in-time';
import { currentReadings, type Reading, seenWord } from '../job/reading';
import type { JobModel } from '../model/job-model';
import type { PlannedStep } from '../startup/plan';

const listed = (words: readonly string[]): string => words.join('; ');

/**
 * The trouble on a visit, in at most three lines: complaint, cause and fix, recheck. Empty if no one looked for
 * trouble.
 */
export const diagnosisStory = (
  model: JobModel,
  readings: readonly Reading[],
  steps: readonly PlannedStep[],
): readonly string[] => {
  const complaint = complaintWords(seenWord(currentReadings(readings).get(COMPLAINT_ITEM)?.value ?? null));
  const fixes = inTime(readings).filter(({ item, status }) => item === FIXED_ITEM && status === 'taken');
  const causes = causesOf(model.facts, model.wall.harness);
  const fixed = fixes.flatMap(({ value }) => causes.filter(({ id }) => id === seenWord(value)));
  const last = fixes.at(-1);
  const stale = new Set(fixed.flatMap(({ proves }) => proves));
  const toProve = steps.filter(({ step }) => stale.has(step.id));
  const isAgain = ({ items }: PlannedStep) =>
    items.every(({ reading }) => reading && last && inTime([last, reading]).at(-1) === reading);
  const open = toProve.filter((step) => !isAgain(step));
  const back = toPutBack(readings);
  return [
    ...(back.length > 0 ? [`To put back: ${listed(back)}.`] : []),
    ...(complaint === null ? [] : [`Complaint: “${complaint}”.`]),
    ...(fixed.length > 0 ? [`Found and fixed: ${listed(fixed.map(({ words }) => words))}.`] : []),
    ...(complaint !== null && fixed.length === 0 ? ['No cause was confirmed.'] : []),
    ...(toProve.length === 0
      ? []
      : open.length === 0
        ? ['Everything affected was rechecked afterward.']
        : [`Not rechecked since: ${listed(open.map(({ step }) => step.title.toLowerCase()))}.`]),
  ];
};
