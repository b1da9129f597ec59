import { readFileSync } from 'node:fs';
import { VERBS } from './verbs';

/** Input that cannot be used ends here: what is wrong and where, on standard error, exit code 2. */
const refuse = (error: string, path: string): never => {
  process.stderr.write(`${JSON.stringify({ error, path })}\n`);
  process.exit(2);
};

const readInput = (file: string | undefined): string => {
  try {
    return readFileSync(file === undefined || file === '-' ? 0 : file, 'utf8');
  } catch (problem) {
    return refuse(`cannot be read: ${(problem as Error).message}`, file ?? 'standard input');
  }
};

const [name = '', ...words] = process.argv.slice(2);
const verb = VERBS[name];
if (!verb)
  refuse(
    `There is no verb "${name}". Verbs: ${Object.values(VERBS)
      .map(({ usage }) => usage)
      .join(' · ')}`,
    'verb',
  );
else {
  const answer = verb.run(words, readInput);
  if (!answer.ok) refuse(answer.error, answer.path);
  else process.stdout.write(typeof answer.value === 'string' ? answer.value : `${JSON.stringify(answer.value, null, 2)}\n`);
}
