import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEFECTS, spoiled } from '../tests/attack/defects';
import { npmRun } from './lib/app.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { ROOT, STATE } from './lib/project.mjs';
import { giveUp, say } from './lib/say.mjs';

/**
 * Puts earlier defects back, one at a time, into a copy of the sources, and checks whether the attack finds each: `npm
 * run attack:defects -- COUNT SEED WORDS`, limited to defects with these words in their name. An attack that finds none
 * of them proves nothing.
 */
const [count = '2600', seed = '1', only = ''] = process.argv.slice(2);

ensurePackages();
const copy = join(STATE, 'attack-defects');
rmSync(copy, { recursive: true, force: true });
mkdirSync(copy, { recursive: true });
for (const part of ['src', 'tests', 'scripts', 'package.json', 'jest.config.mjs', 'tsconfig.json'])
  cpSync(join(ROOT, part), join(copy, part), { recursive: true });
symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
const postgres = await startPostgres('attack-postgres');
const env = { ...postgres.database('gate_cross_attack', true), LOG_LEVEL: 'silent' };
if (!npmRun('migrate', env) || !npmRun('seed', env)) giveUp('The database could not be made ready.');

/**
 * Whether the attack on the copy finds something, and its first finding.
 * @param kind kind of attempts that must find it; empty: all
 */
const attack = (kind = '', tries = '60') => {
  const { status, stdout } = spawnSync(
    process.execPath,
    ['node_modules/jest/bin/jest.js', '--selectProjects', 'server', '--testPathPatterns', 'tests/attack/attack.test'],
    {
      cwd: copy,
      encoding: 'utf8',
      env: {
        ...process.env,
        ...env,
        ATTACK_COUNT: kind === '' ? count : tries,
        ATTACK_SEED: seed,
        ATTACK_KIND: kind,
        NODE_OPTIONS: '--no-warnings',
      },
    },
  );
  return { isFound: status !== 0, words: /seed \d+: .*$/m.exec(stdout)?.[0] ?? stdout.trim().split('\n').at(-1) };
};

const sound = attack();
if (sound.isFound) giveUp(`The attack finds something without any defect put back: ${sound.words}`);
let missed = 0;
for (const each of DEFECTS.filter(({ defect }) => defect.includes(only))) {
  const changes = [each, ...(each.also ? [each.also] : [])].map((change) => {
    const file = join(copy, change.file);
    const text = readFileSync(file, 'utf8');
    return { file, text, worse: spoiled(text, change) };
  });
  if (changes.some(({ worse }) => worse === null)) {
    missed++;
    say(`NO PLACE for it any more: ${each.defect}`);
    continue;
  }
  for (const { file, worse } of changes) writeFileSync(file, worse);
  const { isFound, words } = attack(each.kind, each.tries);
  for (const { file, text } of changes) writeFileSync(file, text);
  if (!isFound) missed++;
  say(`${isFound ? 'found' : 'MISSED'}: ${each.defect}${isFound ? ` (${words.slice(0, 100)})` : ''}`);
}
postgres.stop();
rmSync(copy, { recursive: true, force: true });
say(missed === 0 ? 'The attack finds every one of them.' : `The attack misses ${missed}.`);
process.exitCode = missed === 0 ? 0 : 1;
