import { type AnyObject, lazy, object, type Schema } from 'yup';
import type { Instrument } from '../instrument/calibration';
import { instrumentsSchema } from '../instrument/schema';
import {
  ALL_FACTS,
  applyChanges,
  type FactPath,
  isFactPath,
  type JobDocument,
  sameValue,
  withFact,
} from '../job/document';
import { factSchema } from '../job/schema';

/** Facts that a crew can decide for all jobs, by subject: rates, methods, tolerances, licenses. */
const DECIDED = {
  prices: ALL_FACTS.filter(({ group }) => group === 'prices').map(({ path }) => path),
  schools: ALL_FACTS.filter(({ group }) => group === 'schools').map(({ path }) => path),
  proof: ['proof.fuelWork', 'proof.refrigerantWork', 'proof.sensorErrorF', 'proof.lockoutPlayF', 'proof.dialErrorF'],
} as const satisfies Readonly<Record<string, readonly FactPath[]>>;

/** What a crew usually finds or carries: an assumption until checked. */
const USUAL: readonly FactPath[] = ALL_FACTS.filter(
  ({ group, fact }) => group === 'cables' && (fact.kind === 'number' || fact.kind === 'choice'),
).map(({ path }) => path);

/** Facts with new-job defaults, by subject. */
export const DEFAULT_SECTIONS: readonly { readonly title: string; readonly paths: readonly FactPath[] }[] = [
  { title: 'Prices', paths: DECIDED.prices },
  { title: 'Methods', paths: DECIDED.schools },
  { title: 'Licenses and tolerances', paths: DECIDED.proof },
  { title: 'Cable', paths: USUAL },
];

const PATHS: ReadonlySet<FactPath> = new Set(DEFAULT_SECTIONS.flatMap(({ paths }) => paths));
const IS_DECIDED: ReadonlySet<FactPath> = new Set(Object.values(DECIDED).flat());

/** Defaults for a crew's new jobs, and its instruments. */
export interface CrewDefaults {
  readonly facts: Readonly<Partial<Record<FactPath, unknown>>>;
  readonly instruments: readonly Instrument[];
}

/** A crew without defaults. */
export const NO_DEFAULTS: CrewDefaults = { facts: {}, instruments: [] };

const facts = lazy((given: unknown) =>
  object(
    Object.fromEntries(
      Object.keys((given ?? {}) as AnyObject)
        .filter((path): path is FactPath => isFactPath(path) && PATHS.has(path))
        .map((path): [string, Schema] => [path, factSchema(path)]),
    ),
  )
    .noUnknown(({ unknown }) => `contains a fact that has no default: ${String(unknown).slice(0, 60)}`)
    .required('must be given'),
);

/** A crew's defaults from outside, validated. */
export const crewDefaultsSchema = object({ facts, instruments: instrumentsSchema }).noUnknown(
  'contains an unknown field',
);

/** A crew's stored defaults, from any version; values that no longer apply are dropped. */
export const keptDefaults = (kept: unknown): CrewDefaults => {
  const { facts: given = {}, instruments = [] } = (kept ?? {}) as Partial<CrewDefaults>;
  return {
    facts: Object.fromEntries(
      Object.entries(given).filter(
        ([path, value]) => PATHS.has(path as FactPath) && factSchema(path as FactPath).isValidSync(value),
      ),
    ),
    instruments: instrumentsSchema.isValidSync(instruments) ? instruments : [],
  };
};

/** A new document with the crew's defaults: decisions are confirmed, usual findings are assumptions. */
export const withDefaults = (document: JobDocument, defaults: CrewDefaults): JobDocument => {
  const all = Object.entries(defaults.facts).map(([path, value]) => ({ path: path as FactPath, value }));
  const decided = applyChanges(
    document,
    all.filter(({ path }) => IS_DECIDED.has(path)),
  );
  return all
    .filter(({ path }) => !IS_DECIDED.has(path))
    .reduce((begun, { path, value }) => ({ ...begun, facts: withFact(begun.facts, path, value) }), decided);
};

/** Merges changes made from one base with someone else's changes. */
export const mergedDefaults = (base: CrewDefaults, mine: CrewDefaults, theirs: CrewDefaults): CrewDefaults => {
  const facts: Partial<Record<FactPath, unknown>> = { ...theirs.facts };
  for (const path of PATHS) {
    if (sameValue(mine.facts[path], base.facts[path])) continue;
    if (mine.facts[path] === undefined) delete facts[path];
    else facts[path] = mine.facts[path];
  }
  return {
    facts,
    instruments: sameValue(mine.instruments, base.instruments) ? theirs.instruments : mine.instruments,
  };
};
