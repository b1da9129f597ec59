import { readFileSync } from 'node:fs';
import { withPlainSpaces } from '../src/core/units/degrees';
import { withNegatives } from './negatives';
import { run } from './run';

// A reader that has seen enough closes its end, as `| head` does: that ends us quietly.
process.stdout.on('error', (problem: NodeJS.ErrnoException) => {
  if (problem.code !== 'EPIPE') throw problem;
  process.exit(0);
});

const answer = run(withNegatives(process.argv.slice(2)), (file) => readFileSync(file, 'utf8'));
if (answer.ok) process.stdout.write(withPlainSpaces(answer.value));
else {
  // Input that cannot be used: what is wrong and where, on standard error, exit code 2.
  process.stderr.write(`${JSON.stringify({ error: answer.error, path: answer.path })}\n`);
  process.exitCode = 2;
}
