import { completeReading, type ReadingInput } from './reading-schema';
import { completeMark, type MarkInput } from './setting-mark-schema';
import type { JobHistory } from './stored-job';
import type { Visit } from './visit';
import { completeVisit } from './visit-schema';
import { splitVisits } from './visits';

/** A job's history from outside, validated. */
interface HistoryInput {
  readonly readings: readonly ReadingInput[];
  readonly settingMarks: readonly MarkInput[];
  readonly visits: readonly Visit[];
}

/** Fills in what an older history lacks: entries without a known visit are put into visits by time. */
export const completeHistory = ({ readings, settingMarks, visits }: HistoryInput): JobHistory => {
  const known = new Set(visits.map(({ id }) => id.toLowerCase()));
  const isPlaced = ({ visit }: { readonly visit?: string | undefined }) =>
    visit !== undefined && known.has(visit.toLowerCase());
  const timed = [...readings, ...settingMarks]
    .filter((each) => !isPlaced(each))
    .map(({ id, at, author, origin = null }) => ({ id: id.toLowerCase(), at, author, origin }));
  const split = splitVisits(timed);
  const visitOf = (each: ReadingInput | MarkInput) =>
    isPlaced(each) ? each.visit! : split.of.get(each.id.toLowerCase())!;
  return {
    readings: readings.map((each) => completeReading({ ...each, visit: visitOf(each) }, visitOf(each))),
    settingMarks: settingMarks.map((each) => completeMark({ ...each, visit: visitOf(each) }, visitOf(each))),
    visits: [...visits.map(completeVisit), ...split.visits.filter(({ id }) => !known.has(id))],
  };
};
