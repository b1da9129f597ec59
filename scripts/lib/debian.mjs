import { spawnSync } from 'node:child_process';
import { giveUp, say } from './say.mjs';

const works = (command, words) => spawnSync(command, words, { stdio: 'ignore' }).status === 0;

/** Installs Debian packages if allowed; otherwise says exactly what to install. */
export const installDebian = (packages, what) => {
  const isRoot = process.getuid?.() === 0;
  const prefix = isRoot ? [] : works('sudo', ['-n', 'true']) ? ['sudo', '-n'] : null;
  const byHand = `${what} is missing. Install it and start again:\n\n  sudo apt-get update && sudo apt-get install ${packages.join(' ')}\n`;
  if (prefix === null || !works('apt-get', ['--version'])) giveUp(byHand);
  say(`Installing ${packages.join(', ')} from Debian’s packages …`);
  const apt = (words) => {
    const [command, ...rest] = [...prefix, 'apt-get', ...words];
    return (
      spawnSync(command, rest, {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      }).status === 0
    );
  };
  apt(['update', '-qq']);
  if (!apt(['install', '-y', '-qq', '--no-install-recommends', ...packages])) giveUp(byHand);
};
