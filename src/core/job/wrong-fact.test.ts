import fc from 'fast-check';
import { parseWith } from '../border/parse';
import { ALL_FACTS, factAt, type FactPath } from './document';
import { factSchema } from './schema';
import { factError } from './wrong-fact';

const problemAt = (path: FactPath, value: unknown) => factError(factAt(path), value);

test('the assumption of every fact is valid', () => {
  for (const { path, fact } of ALL_FACTS) expect([path, factError(fact, fact.assumed)]).toEqual([path, null]);
});

test.each([
  ['house.noLoadF', '60', '', /^must be a number \(/],
  ['house.noLoadF', Number.NaN, '', /^must be a number \(/],
  ['house.noLoadF', Infinity, '', /^must be a finite number$/],
  ['house.noLoadF', -1e6, '', /^must be at least /],
  ['house.noLoadF', undefined, '', /^must be given$/],
  ['site.jobName', '<b>x</b>', '', /markup/],
  ['site.jobName', 'a\u0007', '', /control/],
  ['site.jobName', '\ud800', '', /broken character/],
  ['site.jobName', 5, '', /^must be text$/],
  ['site.jobName', 'x'.repeat(5000), '', /^must be at most /],
  ['thermostat.valveSetting', 'X', '', /^must be one of /],
  ['thermostat.valveSetting', null, '', /^must be chosen$/],
  ['setup.overrides', 'none', '', /^must be a list/],
  ['setup.overrides', [{ setting: 'a', value: 'b', reason: 'c', more: 'd' }], '[0]', /unknown column/],
  ['setup.overrides', [{ setting: 'a', value: 'b', reason: 'c' }, null], '[1]', /^must be a row$/],
  ['setup.overrides', [{ setting: 'a', value: 'b' }], '[0].reason', /^must be text$/],
] as const)('%s: %p', (path, value, at, error) => {
  expect(problemAt(path, value)).toEqual({ at, error: expect.stringMatching(error) });
});

test('a table names the cell, and two rows that must differ', () => {
  const tables = ALL_FACTS.flatMap(({ path, fact }) => (fact.kind === 'table' ? [{ path, fact }] : []));
  expect(tables.length).toBeGreaterThan(1);
  for (const { path, fact } of tables) {
    const row = fact.newRow;
    const rows = Array.from({ length: Math.max(1, fact.least) }, (_, at) =>
      fact.distinct ? { ...row, [fact.distinct]: row[fact.distinct]! - at * fact.columns[fact.distinct]!.step } : row,
    );
    const [name] = Object.keys(fact.columns);
    const [, ...others] = rows;
    expect(problemAt(path, [{ ...row, [name!]: 'x' }, ...others])?.at).toBe(`[0].${name}`);
    if (fact.distinct && fact.most > rows.length)
      expect(problemAt(path, [...rows, rows[0]])?.error).toMatch(/^two rows have the same/);
  }
});

test('for any input, the schema agrees with core, gives the path, and neither throws', () => {
  const path = fc.constantFrom(...ALL_FACTS.map((each) => each.path));
  const value = fc.oneof(fc.anything(), fc.constantFrom(...ALL_FACTS.map(({ fact }) => fact.assumed as unknown)));
  fc.assert(
    fc.property(path, value, (at, given) => {
      const wrong = problemAt(at, given);
      const parsed = parseWith(factSchema(at), given);
      expect(parsed.ok).toBe(wrong === null);
      if (!parsed.ok) expect(parsed).toMatchObject({ error: wrong!.error, path: wrong!.at });
    }),
    { numRuns: 500 },
  );
});
