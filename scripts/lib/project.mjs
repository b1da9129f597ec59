import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '../..');

/** Folder for everything made at run time, ignored by git. */
export const STATE = join(ROOT, '.gate-cross');

const filesUnder = (path) =>
  statSync(path).isDirectory()
    ? readdirSync(path)
        .sort()
        .flatMap((name) => filesUnder(join(path, name)))
    : [path];

/** A hash of files and folders by content. */
export const fingerprint = (paths) => {
  const hash = createHash('sha256');
  for (const file of paths.map((path) => join(ROOT, path)).flatMap(filesUnder))
    hash.update(relative(ROOT, file)).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex');
};
