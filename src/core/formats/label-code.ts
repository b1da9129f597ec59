import { unzlibSync, zlibSync } from 'fflate';
import { parseJson } from '../border/parse';
import { isRecord } from '../job/assumptions';
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
import { type JobFile, toJobFile } from './job-file';
import { LABEL_BASE } from './label-base';

/** What the code of a label begins with; its version follows. All of it a QR code's alphanumeric mode can hold. */
const MARK = 'GATECROSS:';
const VERSION = 1;

/** No label holds more characters, nor more bytes once it is inflated. */
const MOST_CHARS = 4_296;
const MOST_BYTES = 60_000;

/** Groups of which the plan is made; no one's name, address, talk or bill is in them. */
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

/** Facts that a label carries: those of the system, with the names of its parts, less serial numbers. */
export const LABEL_FACTS: readonly FactPath[] = ALL_FACTS.filter(
  ({ path, group }) => (GROUPS.has(group) || ALSO.has(path)) && !path.endsWith('.serial'),
).map(({ path }) => path);

/** What a label says: the facts of a system on a day. */
export interface LabelFacts {
  /** The day, as a date: “2026-11-26”. */
  readonly on: string;
  readonly facts: Facts;
}

/** A label that was read, or why it could not be. */
export type ReadLabel =
  { readonly kind: 'label'; readonly label: LabelFacts } | { readonly kind: 'wrong'; readonly why: string };

/**
 * The facts of a system as the text of a QR code: nothing that tells whose it is, deflated, with its checksum.
 * @param on the day, as a date
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

/** Inflated, within bounds, its checksum right; null where it is damaged. */
const inflated = (bytes: Uint8Array): string | null => {
  try {
    const out = unzlibSync(bytes, { out: new Uint8Array(MOST_BYTES) });
    const written = new DataView(bytes.buffer, bytes.byteOffset).getUint32(bytes.length - 4);
    return adler32(out) === written ? new TextDecoder('utf-8', { fatal: true }).decode(out) : null;
  } catch {
    return null;
  }
};

/** Reads the text of a label's QR code back to the facts of its system; what is not on a label is assumed. */
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

/** A job made of a label: its facts under its day, nothing of them confirmed, nothing read yet. */
export const jobFromLabel = (id: string, { on, facts }: LabelFacts): JobFile =>
  toJobFile(
    id,
    renamed({ fileVersion: JOB_FILE_VERSION, facts, confirmed: [] }, `From the label of ${on}`),
    { readings: [], settingMarks: [], visits: [] },
    null,
  );
