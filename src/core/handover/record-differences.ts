import type { HandoverRecord, RecordReading } from './record';

/** A difference between two records of a job; null: missing in one of them. */
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

/** Names in a fixed order, independent of clock differences. */
const inOrder = (people: string): string => people.split(', ').sort().join(', ');

/** All statements of a record with their place. */
const linesOf = (record: HandoverRecord): [where: string, words: string][] => [
  ['Job', `${record.name} · ${record.address} · ${record.elevation}`],
  ...(record.imported === undefined ? [] : [['Imported', record.imported] as [string, string]]),
  ...(record.visit ? [['Visit', record.visit.reason] as [string, string]] : []),
  ...(record.stops ?? []).map((line): [string, string] => ['Stops the work', line]),
  ...(record.shutOff === undefined ? [] : [['Shut off', record.shutOff] as [string, string]]),
  ...(record.taken
    ? [['Read by', `${inOrder(record.taken.people)}; ${record.taken.instruments}`] as [string, string]]
    : []),
  ...(record.set ? [['Set by', inOrder(record.set.people)] as [string, string]] : []),
  ...(record.changeout
    ? [...record.changeout.was, ...record.changeout.moves].map((line): [string, string] => ['Changeout', line])
    : []),
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

/** Statements of a record by place; a place may have several. */
const byPlace = (record: HandoverRecord): Map<string, string[]> => {
  const places = new Map<string, string[]>();
  for (const [where, words] of linesOf(record)) places.set(where, [...(places.get(where) ?? []), words]);
  return places;
};

/** Lines that the other list does not have, counting duplicates. */
const without = (lines: readonly string[], others: readonly string[]): string[] => {
  const left = [...others];
  return lines.filter((line) => {
    const at = left.indexOf(line);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
};

/** How a record would differ if made today: in the order of the older one, new items last. */
export const recordDifferences = (then: HandoverRecord, now: HandoverRecord): RecordDifference[] => {
  const [earlier, today] = [byPlace(then), byPlace(now)];
  return [...new Set([...earlier.keys(), ...today.keys()])].flatMap((where) => {
    const [before, after] = [earlier.get(where) ?? [], today.get(where) ?? []];
    const [gone, come] = [without(before, after), without(after, before)];
    return Array.from({ length: Math.max(gone.length, come.length) }, (_, at) => ({
      where,
      then: gone[at] ?? null,
      now: come[at] ?? null,
    }));
  });
};

/** Whether the record to sign says exactly what the signer was shown. */
export const isSignedAsShown = (shown: HandoverRecord, signed: HandoverRecord): boolean =>
  shown.outdoorF === signed.outdoorF && recordDifferences(shown, signed).length === 0;
