import { readFileSync } from 'node:fs';
import { type Change, DEFECTS, spoiled } from './defects';

const changes: [string, Change][] = DEFECTS.flatMap(({ defect, also, ...change }) => [
  [defect, change] as [string, Change],
  ...(also ? [[`${defect}, second file`, also] as [string, Change]] : []),
]);

test.each(changes)('can still be put back: %s', (_, change) => {
  const text = readFileSync(change.file, 'utf8');
  const worse = spoiled(text, change);
  expect(worse).not.toBeNull();
  expect(worse).not.toBe(text);
});
