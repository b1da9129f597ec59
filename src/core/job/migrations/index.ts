import { isRecord } from '../../border/record';
import { assumedFacts, type FactPath, type Facts, isFactPath, JOB_FILE_VERSION, type JobDocument } from '../document';

/**
 * A step of a job document from one version to the next. Once released it is never changed: documents on servers, on
 * devices and in files have gone through it.
 */
export interface JobMigration {
  readonly to: number;
  readonly name: string;
  /** Facts that moved: old path, new path. The value goes along, and so does a confirmation. */
  readonly moved?: Readonly<Record<string, string>>;
  /** Changes what is not a move alone; facts of groups by name, as stored. */
  readonly facts?: (facts: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
}

/** All steps, oldest first. Facts that are new need none: they take their assumption. */
export const JOB_MIGRATIONS: readonly JobMigration[] = [
  { to: 2, name: 'visits, and the settings left at controllers' },
];

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

const stepsFrom = (version: number, steps: readonly JobMigration[]) => steps.filter(({ to }) => to > version);

/** Where a fact of an older version is now; a path that is no fact any more stays as it is. */
export const movedPath = (path: string, version: number, steps: readonly JobMigration[] = JOB_MIGRATIONS): string =>
  stepsFrom(version, steps).reduce((at, { moved = {} }) => moved[at] ?? at, path);

const withMoved = (facts: Readonly<Record<string, unknown>>, moved: Readonly<Record<string, string>>) => {
  const next: Record<string, unknown> = Object.fromEntries(
    Object.entries(facts).map(([group, values]) => [group, isRecord(values) ? { ...values } : values]),
  );
  const values = Object.entries(moved).flatMap(([from, to]) => {
    const [group, name] = from.split('.') as [string, string];
    const holder = next[group];
    if (!isRecord(holder) || !(name in holder)) return [];
    const { [name]: value, ...rest } = holder;
    if (Object.keys(rest).length > 0) next[group] = rest;
    else delete next[group];
    return [[to, value] as const];
  });
  for (const [to, value] of values) {
    const [group, name] = to.split('.') as [string, string];
    const holder = next[group];
    next[group] = { ...(isRecord(holder) ? holder : {}), [name]: value };
  }
  return next;
};

/**
 * Facts as stored or in a file, of any version up to the present one, as facts of the present version. Values that are
 * not objects are left as they are, for the schema to refuse.
 * @param version version of the document
 */
export const migratedFacts = (
  facts: unknown,
  version: number,
  steps: readonly JobMigration[] = JOB_MIGRATIONS,
): unknown => {
  if (!isRecord(facts)) return facts;
  return overAssumptions(
    stepsFrom(version, steps).reduce<Readonly<Record<string, unknown>>>(
      (now, { moved = {}, facts: change = (same) => same }) => change(withMoved(now, moved)),
      facts,
    ),
  );
};

/** A stored document of any version as one of the present version. */
export const migrated = (
  document: Omit<JobDocument, 'fileVersion'> & { readonly fileVersion: number },
  steps: readonly JobMigration[] = JOB_MIGRATIONS,
): JobDocument => ({
  fileVersion: JOB_FILE_VERSION,
  facts: migratedFacts(document.facts, document.fileVersion, steps) as Facts,
  confirmed: document.confirmed
    .map((path) => movedPath(path, document.fileVersion, steps))
    .filter((path): path is FactPath => isFactPath(path)),
});
