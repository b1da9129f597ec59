import { type CrewLine, parseCrewLine } from '../core/formats/crew-file';
import { type CrewScope, inCrew } from './crew';
import { deleteCrew } from './delete-crew';
import { makeCrew } from './make-crew';
import { audit } from './repositories/audit';
import { addLine } from './repositories/crew-file';
import { defaultsOf, isHandleTaken, nameCrew, saveDefaults } from './repositories/crews';

/** Errors in a crew file, by line number. */
export class WrongCrewFile extends Error {}

const wrong = (number: number, { path, error }: { readonly path: string; readonly error: string }) =>
  new WrongCrewFile(`Line ${number}${path ? `, ${path}` : ''}: ${error}`);

const lineOf = (text: string, number: number): CrewLine => {
  const line = parseCrewLine(text);
  if (!line.ok) throw wrong(number, line);
  return line.value;
};

const begin = async (scope: CrewScope, line: CrewLine, handle: string | undefined): Promise<string> => {
  if (line.kind !== 'crew') throw wrong(1, { path: '', error: 'This is not a crew’s file: it begins with the crew.' });
  const called = handle ?? line.handle;
  if (await isHandleTaken(called))
    throw new WrongCrewFile(`There is a crew called ${called} on this server. Say another name after the file.`);
  await nameCrew(scope, line.name, called);
  await saveDefaults(scope, await defaultsOf(scope), line.defaults);
  return called;
};

/** What was imported. */
export interface Brought {
  readonly scope: CrewScope;
  readonly handle: string;
  readonly lines: number;
}

/**
 * Creates a crew from a crew file, all or nothing.
 * @param texts lines of the file
 * @param handle its part of sign-in names here; omitted: unchanged
 * @throws WrongCrewFile where the file is wrong, cut off, or its name is taken here
 */
export const bringCrew = async (texts: AsyncIterable<string>, handle?: string): Promise<Brought> => {
  const scope = await makeCrew();
  try {
    return await inCrew(scope, async () => {
      let [number, called] = [0, ''];
      let end: number | null = null;
      for await (const text of texts) {
        if (text.trim() === '') continue;
        const line = lineOf(text, ++number);
        if (end !== null) throw wrong(number, { path: '', error: 'is after the end of the file' });
        if (number === 1) called = await begin(scope, line, handle);
        else if (line.kind === 'end') end = line.lines;
        else if (line.kind === 'crew') throw wrong(number, { path: '', error: 'begins another crew' });
        else await addLine(scope, line);
      }
      if (end === null || end !== number - 1)
        throw new WrongCrewFile('The file was cut off: lines are missing. Export it from the other server again.');
      await audit(scope, 'server', 'imported', 'everything from a file');
      return { scope, handle: called, lines: end };
    });
  } catch (problem) {
    await deleteCrew(scope.crewId);
    throw problem;
  }
};
