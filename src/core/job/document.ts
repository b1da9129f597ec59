import { dequal as equal } from 'dequal/lite';
import { cutText } from '../border/text';
import type { AnyFact, FactValue } from './fact';
import { FACT_GROUPS } from './facts';
import { FOLLOWS } from './follows';

type Groups = typeof FACT_GROUPS;
export type FactGroup = keyof Groups;

/** All facts of house and equipment; unconfirmed ones hold their assumption. */
export type Facts = { readonly [G in FactGroup]: { readonly [K in keyof Groups[G]]: FactValue<Groups[G][K]> } };

/** Path of a fact, such as `outdoorUnit.reversingValve`. */
export type FactPath = { [G in FactGroup]: `${G}.${keyof Groups[G] & string}` }[FactGroup];

/** A job's document in the database. */
export interface JobDocument {
  readonly fileVersion: typeof JOB_FILE_VERSION;
  readonly facts: Facts;
  /** Confirmed facts; all others are assumed. */
  readonly confirmed: readonly FactPath[];
}

/** Version of the job file and the stored document. */
export const JOB_FILE_VERSION = 2;

/** Every fact with its path, in order. */
export const ALL_FACTS: readonly { readonly path: FactPath; readonly group: FactGroup; readonly fact: AnyFact }[] =
  Object.entries(FACT_GROUPS).flatMap(([group, facts]) =>
    Object.entries(facts).map(([name, fact]) => ({
      path: `${group}.${name}` as FactPath,
      group: group as FactGroup,
      fact: fact as unknown as AnyFact,
    })),
  );

const BY_PATH = new Map<string, AnyFact>(ALL_FACTS.map(({ path, fact }) => [path, fact]));

/** The definition of a fact. */
export const factAt = (path: FactPath): AnyFact => BY_PATH.get(path)!;

/** Whether a text is the path of a fact. */
export const isFactPath = (path: string): path is FactPath => BY_PATH.has(path);

/** Facts with all assumptions. */
export const assumedFacts = (): Facts =>
  Object.fromEntries(
    Object.entries(FACT_GROUPS).map(([group, facts]) => [
      group,
      Object.fromEntries(Object.entries(facts).map(([name, fact]) => [name, fact.assumed])),
    ]),
  ) as unknown as Facts;

/** A job with only assumptions. */
export const blankJob = (): JobDocument => ({ fileVersion: JOB_FILE_VERSION, facts: assumedFacts(), confirmed: [] });

const split = (path: FactPath) => path.split('.') as [FactGroup, string];

/** The value of a fact. */
export const factValue = (facts: Facts, path: FactPath): unknown => {
  const [group, name] = split(path);
  return (facts[group] as Record<string, unknown>)[name];
};

/** Facts with one value replaced. Check the value first. */
export const withFact = (facts: Facts, path: FactPath, value: unknown): Facts => {
  const [group, name] = split(path);
  return { ...facts, [group]: { ...facts[group], [name]: value } };
};

/** A document with another job name. */
export const renamed = (document: JobDocument, name: string): JobDocument => ({
  ...document,
  facts: withFact(document.facts, 'site.jobName', cutText(name, 120)),
});

/** Whether two values of a fact are equal by content, ignoring key order (the database has its own). */
export const sameValue = (one: unknown, other: unknown): boolean => equal(one, other);

/** One change of a fact, from the Survey to the database. A change confirms the fact. */
export interface FactChange {
  readonly path: FactPath;
  readonly value: unknown;
}

/** Facts after a change, with the assumptions that follow from it; confirmed facts stay. */
const changed = (facts: Facts, { path, value }: FactChange, confirmed: ReadonlySet<FactPath>): Facts => {
  const isNew = !equal(factValue(facts, path), value);
  const after = withFact(facts, path, value);
  const followers = isNew ? FOLLOWS.filter(({ when, is }) => when === path && is === value) : [];
  return followers
    .flatMap(({ then }) => Object.entries(then))
    .reduce(
      (all, [follower, assumed]) =>
        confirmed.has(follower as FactPath) ? all : withFact(all, follower as FactPath, assumed),
      after,
    );
};

/** A document after changes, each changed fact confirmed; assumptions follow. */
export const applyChanges = (document: JobDocument, changes: readonly FactChange[]): JobDocument => {
  const confirmed = new Set([...document.confirmed, ...changes.map(({ path }) => path)]);
  return {
    ...document,
    facts: changes.reduce((facts, change) => changed(facts, change, confirmed), document.facts),
    confirmed: [...confirmed],
  };
};
