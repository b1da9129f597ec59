import { type FactPath, withFact } from '../job/document';
import { SAMPLES } from '../samples';
import { ownHouse, withoutNames } from './own-house';
import { benchOfRound, contextOfRound, endlessRound } from './round';
import { solveRound } from './solve';

const NAMED: readonly (readonly [FactPath, unknown])[] = [
  ['site.jobName', 'Brightwater, Sorrel Way'],
  ['site.customer', 'Odalys Brightwater'],
  ['site.street', '9 Sorrel Way'],
  ['site.phone', '555 0100'],
  ['site.notes', 'Key under Odalys’ pot'],
  [
    'wiring.waivers',
    [{ finding: 'x', what: 'y', reason: 'Brightwater wants it', by: 'Odalys', at: '2026-01-05T12:00:00Z' }],
  ],
];

test('a practice house contains nothing personal, and is otherwise unchanged', () => {
  const { facts } = SAMPLES[3]!;
  const named = NAMED.reduce((before, [path, value]) => withFact(before, path, value), facts);
  const copy = withoutNames(named);
  expect(JSON.stringify(copy)).not.toMatch(/Brightwater|Odalys|Sorrel|555/);
  expect({ ...copy.outdoorUnit, name: facts.outdoorUnit.name }).toEqual(facts.outdoorUnit);
  expect(copy.furnace).toEqual(facts.furnace);
  expect(copy.house).toEqual(facts.house);
});

test.each(SAMPLES.map(({ id, facts }) => [id, facts] as const))('a round in %s’s house is found', (_, facts) => {
  const house = ownHouse({ facts, thermostat: null });
  const clinic = contextOfRound(house);
  const round = endlessRound(house, clinic, 11);
  const { end } = solveRound(benchOfRound(round, clinic, 11));
  expect(end).toMatchObject({ kind: 'named', isRight: true });
});
