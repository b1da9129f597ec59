import { readdirSync, readFileSync } from 'node:fs';

const README = readFileSync('README.md', 'utf8');
const WALLS = readFileSync('.dependency-cruiser.cjs', 'utf8');

/** Floors of a part, from the wall's configuration. */
const floorsOf = (part: string): string[] =>
  [...new RegExp(`\\b${part}: \\[([^\\]]*)\\]`).exec(WALLS)![1]!.matchAll(/'([^']+)'/g)].map((found) => found[1]!);

/** Floors of a part, from its table in the README. */
const floorsInReadme = (part: string): string[] => {
  const lines = README.split('\n');
  const head = lines.indexOf(`| floor | \`${part}\` | |`);
  const table = lines.slice(head + 2, lines.indexOf('', head));
  return table.map((line) => line.split('|')[2]!.trim().replaceAll(',', ''));
};

test.each(['core', 'ui'])('the README shows the floors of %s, and every room is on one', (part) => {
  const floors = floorsOf(part);
  expect(floors.length).toBeGreaterThan(5);
  expect(floorsInReadme(part)).toEqual(floors);
  const rooms = readdirSync(`src/${part}`, { withFileTypes: true }).filter((entry) => entry.isDirectory());
  expect(floors.flatMap((floor) => floor.split(' ')).sort()).toEqual(rooms.map(({ name }) => name).sort());
});
