import { unzlibSync, zlibSync } from 'fflate';
import { parseJson } from '../border/parse';
import { isRecord } from '../border/record';
import { type JobFile, toJobFile } from '../formats/job-file';
import { factProblem } from '../job/check-fact';
import {
  ALL_FACTS,
  assumedFacts,
  type FactPath,
  type Facts,
  factValue,
  isFactPath,
  JOB_FILE_VERSION,
  renamed,
  sameValue,
  withFact,
} from '../job/document';
import { fromBase45, toBase45 } from './base45';
import { LABEL_BASE } from './label-base';

/** Prefix of a label code, followed by its version; all within QR alphanumeric mode. */
const MARK = 'GATECROSS:';
const VERSION = 1;

/** Maximum characters of a label, and maximum bytes after inflating. */
const MOST_CHARS = 4_296;
const MOST_BYTES = 60_000;

/** Fact groups that the plan is made from; no names, addresses, answers or bills. */
const GROUPS: ReadonlySet<string> = new Set([
  'house',
  'system',
  'outdoorUnit',
  'airHandler',
  'heatKit',
  'furnace',
  'thermostat',
  'gates',
  'cables',
  'setup',
  'proof',
  'zones',
  'boxes',
]);

const ALSO: ReadonlySet<FactPath> = new Set<FactPath>(['site.elevationFt']);

/** Facts on a label: those of the system and the names of its parts, without serial numbers. */
export const LABEL_FACTS: readonly FactPath[] = ALL_FACTS.filter(
  ({ path, group }) => (GROUPS.has(group) || ALSO.has(path)) && !path.endsWith('.serial'),
).map(({ path }) => path);

/** Contents of a label: a system's facts on a day. */
export interface LabelFacts {
  /** The date: “2026-11-26”. */
  readonly on: string;
  readonly facts: Facts;
}

/** A parsed label, or why it could not be read. */
export type ReadLabel =
  { readonly kind: 'label'; readonly label: LabelFacts } | { readonly kind: 'wrong'; readonly why: string };

/**
 * A system's facts as QR text: nothing personal, deflated, with a checksum.
 * @param on the date
 */
export const labelCode = ({ on, facts }: LabelFacts): string => {
  const groups: Record<string, Record<string, unknown>> = {};
  for (const path of LABEL_FACTS) {
    const [group, name] = path.split('.') as [string, string];
    const value = factValue(facts, path);
    if (!(path in LABEL_BASE) || !sameValue(LABEL_BASE[path], value)) (groups[group] ??= {})[name] = value;
  }
  const bytes = zlibSync(new TextEncoder().encode(JSON.stringify([on, groups])), { level: 9 });
  return `${MARK}${VERSION}:${toBase45(bytes)}`;
};

const wrong = (why: string): ReadLabel => ({ kind: 'wrong', why });

const DAMAGED =
  'The code is damaged: part of it could not be read. Clean the label and photograph the whole code in better light.';
const NEWER =
  'The code was made by a newer version of Gate Cross than this one. Update this copy, then scan it again; nothing was changed.';

const ADLER_BASE = 65_521;

/** The checksum that a zlib stream ends with (RFC 1950). */
const adler32 = (bytes: Uint8Array): number => {
  let [one, other] = [1, 0];
  for (const byte of bytes) {
    one = (one + byte) % ADLER_BASE;
    other = (other + one) % ADLER_BASE;
  }
  return other * 65_536 + one;
};

/** Inflates within bounds and checks the checksum; null if damaged. */
const inflated = (bytes: Uint8Array): string | null => {
  try {
    const out = unzlibSync(bytes, { out: new Uint8Array(MOST_BYTES) });
    const written = new DataView(bytes.buffer, bytes.byteOffset).getUint32(bytes.length - 4);
    return adler32(out) === written ? new TextDecoder('utf-8', { fatal: true }).decode(out) : null;
  } catch {
    return null;
  }
};

/** Reads a label's QR text back into facts; facts not on the label are assumed. */
export const readLabelCode = (text: string): ReadLabel => {
  const plain = text.trim();
  if (!plain.startsWith(MARK)) return wrong('This is not a Gate Cross label. Scan the code inside the panel door.');
  const [version = '', ...rest] = plain.slice(MARK.length).split(':');
  if (!/^\d{1,4}$/.test(version) || plain.length > MOST_CHARS) return wrong(DAMAGED);
  if (Number(version) > VERSION) return wrong(NEWER);
  const bytes = fromBase45(rest.join(':'));
  const json = bytes && inflated(bytes);
  const parsed = json === null ? null : parseJson(json);
  if (!parsed?.ok || !Array.isArray(parsed.value)) return wrong(DAMAGED);
  const [on, groups] = parsed.value as readonly unknown[];
  if (typeof on !== 'string' || !/^\d{4}-\d{2}-\d{2}$/.test(on) || !isRecord(groups)) return wrong(DAMAGED);
  const entries = Object.entries(groups).flatMap(([group, facts]) =>
    isRecord(facts) ? Object.entries(facts).map(([name, value]) => [`${group}.${name}`, value] as const) : [],
  );
  let facts = assumedFacts();
  for (const [path, value] of [...Object.entries(LABEL_BASE), ...entries]) {
    if (!isFactPath(path) || !LABEL_FACTS.includes(path)) return wrong(NEWER);
    if (factProblem(path, value) !== null) return wrong(DAMAGED);
    facts = withFact(facts, path, value);
  }
  return { kind: 'label', label: { on, facts } };
};

/** A job from a label: its facts under its date, nothing confirmed, no readings. */
export const jobFromLabel = (id: string, { on, facts }: LabelFacts): JobFile =>
  toJobFile(
    id,
    renamed({ fileVersion: JOB_FILE_VERSION, facts, confirmed: [] }, `From the label of ${on}`),
    { readings: [], settingMarks: [], visits: [] },
    null,
  );
