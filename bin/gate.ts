import { readFileSync } from 'node:fs';
import { run } from './run';

const answer = run(process.argv.slice(2), (file) => readFileSync(file, 'utf8'));
if (answer.ok) process.stdout.write(answer.value);
else {
  // Input that cannot be used: what is wrong and where, on standard error, exit code 2.
  process.stderr.write(`${JSON.stringify({ error: answer.error, path: answer.path })}\n`);
  process.exitCode = 2;
}
