import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/project.mjs';

// Every single mistake in every family that can be wired: some ten minutes. `npm test` takes every sixty-first family.
ensurePackages();
const { status } = spawnSync(
  process.execPath,
  [
    join(ROOT, 'node_modules/jest/bin/jest.js'),
    '--selectProjects',
    'core',
    '--testPathPatterns',
    'wiring/mutations',
    '--testTimeout',
    '3600000',
  ],
  { cwd: ROOT, stdio: 'inherit', env: { ...process.env, MUTATIONS: 'all' } },
);
process.exitCode = status ?? 1;
