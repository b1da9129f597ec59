import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fingerprint, ROOT } from './project.mjs';
import { giveUp, say } from './say.mjs';

/** Installs npm packages unless those of the lock file are installed. */
export const ensurePackages = () => {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    giveUp(`Node ${process.versions.node} is too old: 20.19 or newer is needed.`);
  const marker = join(ROOT, 'node_modules/.gate-cross-lock');
  const lock = fingerprint(['package-lock.json']);
  if (existsSync(marker) && readFileSync(marker, 'utf8') === lock) return;
  say('Installing npm packages …');
  // Not `npm ci`: it insists on optional binaries of platforms that a registry may not have. Versions still come from
  // the lock file.
  const { status } = spawnSync('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (status !== 0) giveUp('`npm install` failed. Is the npm registry reachable?');
  writeFileSync(marker, lock);
};
