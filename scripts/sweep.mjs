import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/project.mjs';
import { say } from './lib/say.mjs';

/** Tests that `npm test` runs on part of the families, run here on all of them. */
const SWEEPS = {
  // Every single mistake in every family: about ten minutes.
  mutations: 'wiring/mutations',
  // Old wiring of one family in five.
  walls: 'changeout/read-wall',
  // A good house of every family through every step of a startup, and every fault in sixty of them; in every family no
  // instruction that bypasses a safety, no tap that passes a safety reading, and consistent stops.
  proof: 'startup/whole-proof|stop-work/safe-proof',
  // Forty thousand histories of three devices on one job.
  histories: 'sync/sync',
  // Every fault of every practice house as a round, solved with a player’s acts.
  rounds: 'practice/practice',
};

const [name] = process.argv.slice(2);
if (!(name in SWEEPS)) {
  say(`Name a sweep: ${Object.keys(SWEEPS).join(', ')}.`);
  process.exit(2);
}
ensurePackages();
const { status } = spawnSync(
  process.execPath,
  [
    join(ROOT, 'node_modules/jest/bin/jest.js'),
    '--selectProjects',
    'core',
    '--testPathPatterns',
    SWEEPS[name],
    '--testTimeout',
    '3600000',
  ],
  { cwd: ROOT, stdio: 'inherit', env: { ...process.env, SWEEP: 'all' } },
);
process.exitCode = status ?? 1;
