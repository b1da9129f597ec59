import { spawnSync } from 'node:child_process';

// Words of the trade, of names and of file keys are in docs/spelling.txt.
test('names, text, comments and documents are spelled as in American English', () => {
  const { stdout, status } = spawnSync(
    process.execPath,
    ['node_modules/cspell/bin.mjs', 'lint', '--no-progress', '--no-summary', '--unique'],
    { encoding: 'utf8' },
  );
  expect(stdout.trim()).toBe('');
  expect(status).toBe(0);
}, 240_000);
