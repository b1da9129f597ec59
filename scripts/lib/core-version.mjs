import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Version of core: a hash of its sources without tests. Stored results carry it. */
export const coreVersion = () => {
  const core = join(dirname(fileURLToPath(import.meta.url)), '../../src/core');
  const hash = createHash('sha256');
  for (const file of readdirSync(core, { recursive: true, encoding: 'utf8' }).sort())
    if (/\.ts$/.test(file) && !/\.test\.ts$/.test(file)) hash.update(file).update(readFileSync(join(core, file)));
  return hash.digest('hex').slice(0, 12);
};
