import { parseJson } from '../border/parse';
import { COMPLAINTS } from '../diagnosis/complaints';
import { diagnose, type Diagnosis, type DiagnosisContext, type Suspect } from '../diagnosis/diagnosis';
import { type Answer, scaleOf } from '../diagnosis/outcome';
import type { Evidence } from '../diagnosis/posterior';
import { callOf } from '../diagnosis/probe';
import { hasWords, type Probe } from '../diagnosis/probe';
import type { SimulatedHouse } from '../diagnosis/simulated-house';
import { roundTo } from '../units/round';

/** A suspect in a line; less likely ones are omitted. */
const LEAST_TOLD = 0.01;

const suspectLine = ({ causes, p }: Suspect) => ({ id: causes[0]!.id, p: roundTo(p, 4) });

/** One side of a dialog by lines: what it writes first, and its answer to each incoming line. */
export interface Talk {
  readonly first: readonly unknown[];
  /** The answer to a line, and whether the dialog is over. */
  readonly next: (line: string) => { readonly write: readonly unknown[]; readonly isOver: boolean };
}

const refusal = (error: string) => ({ write: [{ error }], isOver: false });

/** A probe in a line. */
export const probeLine = (probe: Probe) => ({
  id: probe.id,
  words: probe.words,
  call: callOf(probe),
  unit: probe.unit,
  ...(probe.choices ? { choices: probe.choices.map(({ word }) => word) } : {}),
  ...(probe.marks ? { marks: probe.marks } : {}),
});

/** The result of a probe from a line: its value if valid, or why not. */
const answerOf = (probe: Probe, value: unknown): { readonly answer: Answer } | { readonly error: string } => {
  if (hasWords(probe)) {
    const words = probe.choices?.map(({ word }) => word);
    const isWord = typeof value === 'string' && value.length <= 200 && (!words || words.includes(value));
    return isWord ? { answer: value } : { error: `"value" of ${probe.id} must be one of its listed words` };
  }
  if (value === 'OL') return { answer: 'OL' };
  const [low, high] = scaleOf(probe).range;
  return typeof value === 'number' && Number.isFinite(value) && value >= Math.min(low, -high) && value <= 10 * high
    ? { answer: value }
    : { error: `"value" of ${probe.id} must be a number in ${probe.unit}, or "OL"` };
};

/**
 * The diagnosing side of the line protocol: writes the next probe with the suspects, reads the result, and ends with
 * the cause.
 * @param complaint id of the homeowner's complaint; null: none
 */
export const askTalk = (clinic: DiagnosisContext, complaint: string | null): Talk => {
  const evidence: Evidence[] = [];
  const skipped: string[] = [];
  const now = () => diagnose(clinic, { complaint, evidence, skipped });
  const told = (standing: Diagnosis): { readonly write: readonly unknown[]; readonly isOver: boolean } => {
    const { standpoint, suspects, offers, seconds } = standing;
    const [next] = offers;
    if (standpoint.kind === 'open' && next)
      return {
        write: [
          {
            probe: probeLine(next.probe),
            suspects: suspects.filter(({ p }, at) => at === 0 || p >= LEAST_TOLD).map(suspectLine),
          },
        ],
        isOver: false,
      };
    const spent = { probes: evidence.length, seconds: Math.round(seconds) };
    switch (standpoint.kind) {
      case 'pair': {
        const [best] = standpoint.pairs;
        return { write: [{ cause: best!.causes.map(({ id }) => id), pair: true, ...spent }], isOver: true };
      }
      case 'unexplained':
        return { write: [{ cause: [], p: 0, ...spent }], isOver: true };
      case 'open':
      case 'named':
      case 'exhausted': {
        const [first] = suspects;
        const cause = first!.causes.map(({ id }) => id);
        return { write: [{ cause, p: roundTo(first!.p, 4), ...spent }], isOver: true };
      }
    }
  };
  return {
    first: told(now()).write,
    next: (line) => {
      const json = parseJson(line);
      if (!json.ok) return refusal('a line must be JSON, such as {"probe": "…", "value": 24.1}');
      const said = json.value as { probe?: unknown; value?: unknown; skip?: unknown } | null;
      const probe = typeof said?.probe === 'string' ? clinic.table.probeById(said.probe) : undefined;
      if (!probe) return refusal('"probe" must be the id of a probe, as gate probes lists them');
      if (said?.skip === true) skipped.push(probe.id);
      else {
        const answered = answerOf(probe, said?.value);
        if ('error' in answered) return refusal(answered.error);
        evidence.push({ probe, answer: answered.answer });
      }
      return told(now());
    },
  };
};

/** The simulated side: writes the complaint, then answers each line with a probe. A line with a cause ends it. */
export const worldTalk = (world: SimulatedHouse, probeById: (id: string) => Probe | undefined): Talk => ({
  first: [{ complaint: world.complaint }],
  next: (line) => {
    const json = parseJson(line);
    if (!json.ok) return refusal('a line must be JSON');
    const said = json.value as { probe?: { id?: unknown }; cause?: unknown } | null;
    if (said?.cause !== undefined) return { write: [], isOver: true };
    if (said?.probe === undefined) return { write: [], isOver: false };
    const probe = typeof said.probe?.id === 'string' ? probeById(said.probe.id) : undefined;
    if (!probe) return refusal('"probe" must be an object with the "id" of a probe, as gate probes lists them');
    const value = world.answer(probe);
    return {
      write: [{ probe: probe.id, value: typeof value === 'number' ? roundTo(value, 4) : value }],
      isOver: false,
    };
  },
});

/** Whether it is a valid complaint. */
export const isComplaint = (id: string): boolean => COMPLAINTS.some((each) => each.id === id);
