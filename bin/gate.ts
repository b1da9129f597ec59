import { readFileSync } from 'node:fs';
import { withPlainSpaces } from '../src/core/units/degrees';
import { withNegatives } from './negatives';
import { openTalk, run } from './run';
import { holdTalk } from './talk';

// A reader that has seen enough closes its end, as `| head` does: that ends us quietly.
process.stdout.on('error', (problem: NodeJS.ErrnoException) => {
  if (problem.code !== 'EPIPE') throw problem;
  process.exit(0);
});

const argv = withNegatives(process.argv.slice(2));
const readFile = (file: string | 0) => readFileSync(file, 'utf8');

/** Input that cannot be used: what is wrong and where, on standard error, exit code 2. */
const refuse = ({ error, path }: { readonly error: string; readonly path: string }) => {
  process.stderr.write(`${JSON.stringify({ error, path })}\n`);
  process.exitCode = 2;
};

const [verb] = argv;
if (verb === 'diagnose' || verb === 'world') {
  const talk = openTalk(verb, argv.slice(1), readFile);
  if (!talk.ok) refuse(talk);
  // A talk that is over lets go of its input.
  else void holdTalk(talk.value).then(() => process.stdin.destroy());
} else {
  const answer = run(argv, readFile);
  if (answer.ok) process.stdout.write(withPlainSpaces(answer.value));
  else refuse(answer);
}
