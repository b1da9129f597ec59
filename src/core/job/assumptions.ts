import { assumedFacts, type Facts, JOB_FILE_VERSION, type JobDocument } from './document';

/** Whether a value is a plain object. */
export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Fills in assumptions for facts missing in older data. Values that are not objects are left as they are. */
export const overAssumptions = (facts: unknown): unknown => {
  if (!isRecord(facts)) return facts;
  const assumed = assumedFacts() as unknown as Record<string, object>;
  const known = Object.entries(assumed).map(([group, values]) => [
    group,
    group in facts && !isRecord(facts[group]) ? facts[group] : { ...values, ...(facts[group] as object | undefined) },
  ]);
  return { ...facts, ...Object.fromEntries(known) };
};

/** A stored document upgraded to the current facts. */
export const upToDate = (document: JobDocument): JobDocument => ({
  ...document,
  fileVersion: JOB_FILE_VERSION,
  facts: overAssumptions(document.facts) as Facts,
});
