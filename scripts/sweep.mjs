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
  walls: 'changeout/read-old-wiring',
  // A good house of every family through every step of a startup, and every fault in sixty of them; in every family no
  // instruction that bypasses a safety, no tap that passes a safety reading, and consistent stops.
  proof: 'startup/whole-proof|safety/safe-proof',
  // Forty thousand histories of three devices on one job, twenty thousand on one controller, and people on one device.
  histories: 'core/sync|offline/two-people',
  // Any valid facts on every page, and every family by any call, weather and fault.
  facts: 'check/any-facts|wiring/families',
  // Every fault of every practice house as a round, solved with a player’s acts.
  rounds: 'practice/practice',
  // Every screen in a browser: axe, phone, and text of every size.
  screens: 'axe|phone.spec|fits',
};

const [name] = process.argv.slice(2);
if (!(name in SWEEPS)) {
  say(`Name a sweep: ${Object.keys(SWEEPS).join(', ')}.`);
  process.exit(2);
}
const node = (words) =>
  spawnSync(process.execPath, words, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, SWEEP: 'all' } }).status;

ensurePackages();
const status =
  name === 'screens'
    ? node([join(ROOT, 'scripts/test.mjs'), 'e2e', ...SWEEPS.screens.split('|')])
    : node([
        join(ROOT, 'node_modules/jest/bin/jest.js'),
        '--selectProjects',
        'core',
        '--testPathPatterns',
        SWEEPS[name],
        '--testTimeout',
        '3600000',
      ]);
process.exitCode = status ?? 1;
