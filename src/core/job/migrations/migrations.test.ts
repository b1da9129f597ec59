import { assumedFacts, blankJob, type Facts, JOB_FILE_VERSION, withFact } from '../document';
import { JOB_MIGRATIONS, type JobMigration, migrated, migratedFacts, movedPath, overAssumptions } from '.';

const STEPS: readonly JobMigration[] = [
  { to: 2, name: 'the no-load point moves into the house', moved: { 'load.zeroLoadF': 'house.noLoadF' } },
  {
    to: 3,
    name: 'setpoints are in °F',
    facts: (facts) => {
      const house = facts.house as { heatSetpointC?: number } & Record<string, unknown>;
      const { heatSetpointC, ...rest } = house;
      return heatSetpointC === undefined
        ? facts
        : { ...facts, house: { ...rest, heatSetpointF: heatSetpointC * 1.8 + 32 } };
    },
  },
];

/** A job of the first version: the no-load point elsewhere, the setpoint in °C. */
const firstVersion = () => {
  const { noLoadF: _, heatSetpointF: __, ...house } = assumedFacts().house;
  return {
    fileVersion: 1,
    facts: {
      ...assumedFacts(),
      house: { ...house, heatSetpointC: 20 },
      load: { ...assumedFacts().load, zeroLoadF: 57 },
    },
    confirmed: ['load.zeroLoadF', 'house.designBtuh', 'attic.gone'],
  } as unknown as Parameters<typeof migrated>[0];
};

test('the steps lead to the present version, one after the other, each with a name', () => {
  expect(JOB_MIGRATIONS.map(({ to }) => to)).toEqual(
    Array.from({ length: JOB_FILE_VERSION - 1 }, (_, before) => before + 2),
  );
  expect(JOB_MIGRATIONS.every(({ name }) => name !== '')).toBe(true);
});

test('a document goes through every step after its version, in order; confirmations go along', () => {
  const { facts, confirmed, fileVersion } = migrated(firstVersion(), STEPS);
  expect([facts.house.noLoadF, facts.house.heatSetpointF, 'zeroLoadF' in facts.load]).toEqual([57, 68, false]);
  expect([confirmed, fileVersion]).toEqual([['house.noLoadF', 'house.designBtuh'], JOB_FILE_VERSION]);
});

test('a document that is past a step does not go through it again', () => {
  const document = { ...firstVersion(), fileVersion: 2 };
  expect(migrated(document, STEPS).facts.house.noLoadF).toBe(assumedFacts().house.noLoadF);
});

test('an entry on a fact that moved follows it', () => {
  expect(movedPath('load.zeroLoadF', 1, STEPS)).toBe('house.noLoadF');
  expect(movedPath('load.zeroLoadF', 2, STEPS)).toBe('load.zeroLoadF');
  expect(movedPath('house.noLoadF', 1, STEPS)).toBe('house.noLoadF');
});

test('a stored document from before a fact existed gets the assumption, and keeps everything else', () => {
  const job = withFact(blankJob().facts, 'house.noLoadF', 57);
  const { minCfm: _, ...heatKit } = job.heatKit;
  const old = { ...blankJob(), facts: { ...job, heatKit } as Facts };
  expect(migrated(old).facts).toEqual(job);
  expect([null, 5, 'x', []].map(overAssumptions)).toEqual([null, 5, 'x', []]);
  expect([null, 5, 'x', []].map((facts) => migratedFacts(facts, 1, STEPS))).toEqual([null, 5, 'x', []]);
});
