import { createInterface } from 'node:readline';
import type { Talk } from '../src/core/formats/diagnosis-lines';

/** Runs a dialog on standard input and output until it or the input ends. */
export const holdTalk = async (
  talk: Talk,
  input: NodeJS.ReadableStream = process.stdin,
  write: (text: string) => void = (text) => void process.stdout.write(text),
): Promise<void> => {
  const say = (lines: readonly unknown[]) => lines.forEach((line) => write(`${JSON.stringify(line)}\n`));
  say(talk.first);
  const lines = createInterface({ input });
  for await (const line of lines) {
    if (line.trim() === '') continue;
    const { write: answer, isOver } = talk.next(line);
    say(answer);
    if (isOver) break;
  }
  lines.close();
};
