import type { HandoverRecord, RecordReading } from './record';

/** One thing that two records of a job word differently; null: one of them does not have it. */
export interface RecordDifference {
  readonly where: string;
  readonly then: string | null;
  readonly now: string | null;
}

const readingWords = ({ expected, read, before, grade, words }: RecordReading): string =>
  [expected && `expected ${expected}`, `read ${read}`, before && `before ${before}`, grade, words]
    .filter(Boolean)
    .join(', ');

const VERSES = { error: 'Error', warning: 'Warning', advice: 'Advice' } as const;

/** Everything that a record says, each with where it stands. */
const linesOf = (record: HandoverRecord): [where: string, words: string][] => [
  ['Job', `${record.name} · ${record.address} · ${record.elevation}`],
  ...record.open.map(({ severity, words }): [string, string] => [
    `Open: ${words}`,
    severity ? VERSES[severity] : 'Open',
  ]),
  ...(record.measured ?? []).map((line): [string, string] => ['Measured', line]),
  ...(record.trouble ?? []).map((line): [string, string] => ['Trouble', line]),
  ...(record.returns ?? []).map((line): [string, string] => ['Return visit', line]),
  ...record.steps.flatMap(({ title, readings, done, leftOut }): [string, string][] => [
    ...readings.map((reading): [string, string] => [`${title}: ${reading.label}`, readingWords(reading)]),
    ...done.map((label): [string, string] => [`${title}: ${label}`, 'done']),
    ...leftOut.map((label): [string, string] => [`${title}: ${label}`, 'not measured']),
  ]),
  ...record.settings.flatMap(({ controller, rows }) =>
    rows.map(({ code, label, found, left, readBack }): [string, string] => [
      `${controller} ${code} ${label}`,
      `found ${found ?? '·'}, left ${left ?? '·'}, read back ${readBack ?? '·'}`,
    ]),
  ),
  ...record.terminals.flatMap(({ device, mark, volts }) =>
    volts.map((value, at): [string, string] => [
      `${device} ${mark} to C, ${record.calls[at] ?? ''}`,
      value === null ? '0 V' : `${value} V`,
    ]),
  ),
  ...record.facts.flatMap(({ group, rows }) =>
    rows.map(({ label, value, isAssumed }): [string, string] => [
      `${group}: ${label}`,
      isAssumed ? `${value}, assumed` : value,
    ]),
  ),
  ...record.homeowner.map(({ title, lines }): [string, string] => [`Homeowner: ${title}`, lines.join(' ')]),
];

/** What a record would say otherwise if it were made today: in the order of the older one, new things last. */
export const recordDifferences = (then: HandoverRecord, now: HandoverRecord): RecordDifference[] => {
  const today = new Map(linesOf(now));
  const earlier = new Map(linesOf(then));
  return [
    ...[...earlier]
      .filter(([where, words]) => today.get(where) !== words)
      .map(([where, words]) => ({ where, then: words, now: today.get(where) ?? null })),
    ...[...today].filter(([where]) => !earlier.has(where)).map(([where, words]) => ({ where, then: null, now: words })),
  ];
};
