import { readFile } from 'node:fs/promises';
import { join } from 'node:path';

const docs = (...path: readonly string[]) => join(process.cwd(), 'docs', ...path);

/** A part of the guide as Markdown, from docs/guide. */
export const guideText = (file: string): Promise<string> => readFile(docs('guide', file), 'utf8');

/** A picture of the guide; null if there is none by that name. */
export const guidePicture = (name: string): Promise<Buffer | null> =>
  /^[a-z-]+\.png$/.test(name) ? readFile(docs('screenshots', name)).catch(() => null) : Promise.resolve(null);
