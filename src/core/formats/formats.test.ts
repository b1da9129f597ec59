import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import Papa from 'papaparse';
import { assumedFacts } from '../job/document';
import { SAMPLES } from '../samples';
import { parseJobFile, parseJobFileText } from './job-file';
import { jobJsonSchema } from './job-json-schema';
import { readingsCsv } from './readings-csv';
import { sampleFile } from './sample-file';

const file = () => JSON.parse(JSON.stringify(sampleFile(SAMPLES[1]!)));
/* eslint-disable @typescript-eslint/no-explicit-any */
const spoiled = (spoil: (file: any) => void) => {
  const copy = file();
  spoil(copy);
  return copy;
};

test.each(SAMPLES.map((sample) => [sample.id, sample] as const))('%s survives writing and reading', (_, sample) => {
  const written = sampleFile(sample);
  expect(parseJobFileText(JSON.stringify(written))).toEqual({ ok: true, value: written });
});

test('a file from before a fact existed gets the assumption for it', () => {
  const parsed = parseJobFile(
    spoiled((old) => {
      delete old.facts.airHandler.maxStaticInWc;
      delete old.facts.prices;
    }),
  );
  expect(parsed.ok && [parsed.value.facts.airHandler.maxStaticInWc, parsed.value.facts.prices]).toEqual([
    0.5,
    assumedFacts().prices,
  ]);
});

describe('refused with the path and what to do', () => {
  test.each<[string, (file: any) => void, string | RegExp, RegExp]>([
    [
      'another format',
      (f) => {
        f.format = 'else';
      },
      'format',
      /some other file/,
    ],
    [
      'a newer version',
      (f) => {
        f.fileVersion = 3;
      },
      'fileVersion',
      /newer release/,
    ],
    [
      'a version of none',
      (f) => {
        f.fileVersion = 'one';
      },
      'fileVersion',
      /whole number/,
    ],
    [
      'a negative airflow',
      (f) => {
        f.facts.airHandler.heatCfm = -5;
      },
      'facts.airHandler.heatCfm',
      /at least 200/,
    ],
    [
      'an absurd load',
      (f) => {
        f.facts.house.designBtuh = 1e12;
      },
      'facts.house.designBtuh',
      /at most/,
    ],
    [
      'a number in quotes',
      (f) => {
        f.facts.house.designBtuh = '36000';
      },
      'facts.house.designBtuh',
      /must be a number/,
    ],
    [
      'a value that is no choice',
      (f) => {
        f.facts.outdoorUnit.reversingValve = 'X';
      },
      'facts.outdoorUnit.reversingValve',
      /one of/,
    ],
    [
      'markup',
      (f) => {
        f.facts.site.notes = 'see <script>alert(1)</script>';
      },
      'facts.site.notes',
      /markup/,
    ],
    [
      'control characters',
      (f) => {
        f.facts.site.jobName = 'a\u0000b';
      },
      'facts.site.jobName',
      /control/,
    ],
    [
      'an unknown fact',
      (f) => {
        f.facts.house.colour = 'blue';
      },
      'facts.house',
      /unknown fact: colour/,
    ],
    [
      'a group that is no object',
      (f) => {
        f.facts.house = 7;
      },
      'facts.house',
      /./,
    ],
    [
      'one rating point',
      (f) => {
        f.facts.outdoorUnit.ratingPoints.length = 1;
      },
      'facts.outdoorUnit.ratingPoints',
      /at least 2/,
    ],
    [
      'two points at one temperature',
      (f) => {
        f.facts.outdoorUnit.ratingPoints[1].outdoorF = 47;
      },
      'facts.outdoorUnit.ratingPoints',
      /same outdoor/,
    ],
    [
      'seven elements',
      (f) => {
        f.facts.heatKit.elements = Array(7).fill({ kW: 1, bank: 1, onS: 0, offS: 0 });
      },
      'facts.heatKit.elements',
      /no more than 6/,
    ],
    [
      'half a bank',
      (f) => {
        f.facts.heatKit.elements[0].bank = 1.5;
      },
      'facts.heatKit.elements[0].bank',
      /whole/,
    ],
    [
      'a reading of words',
      (f) => {
        f.readings[0].value = 'lots';
      },
      'readings[0].value',
      /number, OL, done or what was seen/,
    ],
    [
      'a reading beyond belief',
      (f) => {
        f.readings[15].value = 1e9;
      },
      'readings[15].value',
      /at most/,
    ],
    [
      'a time that is none',
      (f) => {
        f.readings[0].at = 'yesterday';
      },
      'readings[0].at',
      /must be a time/,
    ],
    [
      'two readings of one id',
      (f) => {
        f.readings[1].id = f.readings[0].id;
      },
      'readings',
      /same id/,
    ],
    [
      'an id that is none',
      (f) => {
        f.id = '../../etc';
      },
      'id',
      /UUID/,
    ],
    [
      'a path that is none',
      (f) => {
        f.confirmed = ['house.ghost'];
      },
      'confirmed[0]',
      /not the path/,
    ],
  ])('%s', (_, spoil, path, error) => {
    const parsed = parseJobFile(spoiled(spoil));
    expect(parsed).toMatchObject({
      ok: false,
      path: typeof path === 'string' ? path : expect.stringMatching(path),
      error: expect.stringMatching(error),
    });
  });

  test.each([
    ['50 MB', `"${'x'.repeat(50_000_000)}"`, /over 24 MB/],
    ['a web page', '<!doctype html><p>hello', /not JSON/],
    ['half a file', JSON.stringify(file()).slice(0, 500), /not JSON/],
    ['a list', '[]', /must be a JSON object/],
  ])('%s', (_, text, error) =>
    expect(parseJobFileText(text)).toMatchObject({ ok: false, error: expect.stringMatching(error) }),
  );
});

describe('the JSON Schema', () => {
  const validate = new Ajv({ strict: false }).compile(jobJsonSchema());

  test('accepts the samples and refuses what the reader refuses', () => {
    for (const sample of SAMPLES)
      expect(validate(JSON.parse(JSON.stringify(sampleFile(sample)))) || validate.errors).toBe(true);
    expect(
      validate(
        spoiled((f) => {
          f.facts.house.designBtuh = -1;
        }),
      ),
    ).toBe(false);
    expect(
      validate(
        spoiled((f) => {
          f.extra = 1;
        }),
      ),
    ).toBe(false);
  });

  test('is the one in docs/', () => {
    const written = readFileSync(join(__dirname, '../../../docs/job-file.schema.json'), 'utf8');
    expect(JSON.parse(written)).toEqual(JSON.parse(JSON.stringify(jobJsonSchema())));
  });
});

describe('readings as CSV', () => {
  const rows = (sample: (typeof SAMPLES)[number]) =>
    Papa.parse<Record<string, string>>(readingsCsv(sample.facts, sample), { header: true }).data;

  test('every reading is there, corrected ones included', () => {
    const all = rows(SAMPLES[2]!);
    expect(all).toHaveLength(SAMPLES[2]!.readings.length);
    expect(
      all
        .filter(({ item }) => item === 'element-ohms/ohms-1')
        .map(({ value, state, verdict }) => [value, state, verdict]),
    ).toEqual([
      ['6.1', 'corrected', 'fail'],
      ['12.1', 'current', 'pass'],
    ]);
  });

  test('a formula in a name is disarmed', () => {
    const { facts, visits, readings } = SAMPLES[1]!;
    const csv = (author: string) => readingsCsv(facts, { visits, readings: [{ ...readings[0]!, author }] });
    for (const author of ['=cmd()', ' =cmd()', '＝cmd()', '\u3000＠cmd()', '+1', '\t=x'])
      expect(csv(author)).toContain(`"'${author}"`);
    expect(csv('R. = A.')).not.toContain("'R.");
  });
});
