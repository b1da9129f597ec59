import { execFileSync } from 'node:child_process';
import { SCREENS } from './helpers';

/** A commit looks at every third screen; which third, its hash decides. `npm run screens` looks at all. */
const PARTS = 3;

const partOfCommit = (): number => {
  try {
    const hash = execFileSync('git', ['rev-parse', 'HEAD'], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'ignore'] });
    return parseInt(hash.slice(0, 8), 16) % PARTS;
  } catch {
    // Unpacked without its history.
    return 0;
  }
};

/** Screens that this run looks at. */
export const SAMPLED_SCREENS: readonly string[] = process.env.SWEEP
  ? SCREENS
  : SCREENS.filter((_, at) => at % PARTS === partOfCommit());
