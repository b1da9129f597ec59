import { readFileSync } from 'node:fs';
import type { Parsed } from '../src/core/border/parse';
import type { Talk } from '../src/core/formats/diagnosis-lines';
import { withPlainSpaces } from '../src/core/units/degrees';
import { holdMeter } from './meter';
import { withNegatives } from './negatives';
import { isPractice, openPractice } from './practice-verbs';
import { openMeter, openTalk, openWeather, run } from './run';
import { holdTalk } from './talk';
import { writePaced } from './weather-report';

// A reader that closes its end early, such as `| head`, ends the process quietly.
process.stdout.on('error', (problem: NodeJS.ErrnoException) => {
  if (problem.code !== 'EPIPE') throw problem;
  process.exit(0);
});

const argv = withNegatives(process.argv.slice(2));
const readFile = (file: string | 0) => readFileSync(file, 'utf8');

/** Unusable input: what is wrong and where, on standard error, exit code 2. */
const refuse = ({ error, path }: { readonly error: string; readonly path: string }) => {
  process.stderr.write(`${JSON.stringify({ error, path })}\n`);
  process.exitCode = 2;
};

/** Runs a dialog by lines; when it is over, releases its input. */
const hold = (talk: Parsed<Talk>) => {
  if (talk.ok) void holdTalk(talk.value).then(() => process.stdin.destroy());
  else refuse(talk);
};

/** Answers once. */
const tell = () => {
  const answer = run(argv, readFile);
  if (answer.ok) process.stdout.write(withPlainSpaces(answer.value));
  else refuse(answer);
};

const [verb = '', ...words] = argv;
switch (verb) {
  case 'diagnose':
  case 'world':
    hold(openTalk(verb, words, readFile));
    break;
  case 'practice':
    if (isPractice(words)) hold(openPractice(words));
    else tell();
    break;
  case 'meter': {
    const meter = openMeter(words, readFile);
    if (meter.ok) void holdMeter(meter.value.options, meter.value.house);
    else refuse(meter);
    break;
  }
  case 'weather': {
    const weather = openWeather(words, readFile);
    if (weather.ok) void writePaced(weather.value);
    else refuse(weather);
    break;
  }
  default:
    tell();
}
