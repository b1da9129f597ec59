import type { Moment } from '../control/moment';
import { DEVICE_LABELS } from '../devices/device';
import { backupOf } from '../job/backup';
import { applyChanges, blankJob, type FactChange, type Facts, factValue } from '../job/document';
import { memoize } from '../units/once';
import { behaviorChanges, changeWords } from '../wiring/behavior';
import { type Harness, jumperWords, landedConductors, refText, type TerminalRef } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { jobModel } from './job-model';
import { memoizeByFacts } from './memoize-by-facts';

/** One side of a question where techs disagree. */
export interface Method {
  readonly label: string;
  readonly changes: readonly FactChange[];
}

/** A question with both sides. */
export interface Choice {
  readonly id: string;
  readonly question: string;
  readonly schools: readonly Method[];
  readonly applies: (facts: Facts) => boolean;
}

const isElectric = ({ system }: Facts) => backupOf({ system }) === 'strips';

export const CHOICES: readonly Choice[] = [
  {
    id: 'defrost',
    question: 'Strips in defrost?',
    applies: (facts) => isElectric(facts) && facts.outdoorUnit.wTerminals !== 'none',
    schools: [
      { label: 'Strips on', changes: [{ path: 'outdoorUnit.stripsInDefrost', value: true }] },
      { label: 'No strips in defrost', changes: [{ path: 'outdoorUnit.stripsInDefrost', value: false }] },
    ],
  },
  {
    id: 'outdoor-gate',
    question: 'What locks out the strips in mild weather?',
    applies: (facts) => isElectric(facts) && facts.heatKit.elements.length > 0,
    schools: [
      {
        label: 'Outdoor thermostat, 40 °F',
        changes: [
          { path: 'gates.outdoorThermostats', value: [{ bank: 0, closesBelowF: 40 }] },
          { path: 'gates.auxAboveF', value: null },
        ],
      },
      {
        label: 'Thermostat’s own lockout, 40 °F',
        changes: [
          { path: 'gates.outdoorThermostats', value: [] },
          { path: 'gates.auxAboveF', value: 40 },
        ],
      },
    ],
  },
  {
    id: 'furnace-defrost',
    question: 'Furnace on in defrost?',
    applies: (facts) =>
      backupOf(facts) === 'fossil' && facts.furnace.interlock === 'none' && facts.outdoorUnit.wTerminals !== 'none',
    schools: [
      { label: 'Furnace on (the coil is cold in defrost)', changes: [{ path: 'furnace.tempersDefrost', value: true }] },
      { label: 'No strips in defrost', changes: [{ path: 'furnace.tempersDefrost', value: false }] },
    ],
  },
  {
    id: 'interlock',
    question: 'What keeps compressor and furnace apart?',
    // In a packaged unit the manufacturer keeps them apart.
    applies: (facts) => !isElectric(facts) && facts.system.cabinet !== 'packaged',
    schools: [
      { label: 'Fossil-fuel kit', changes: [{ path: 'furnace.interlock', value: 'kit' }] },
      { label: 'The thermostat only', changes: [{ path: 'furnace.interlock', value: 'none' }] },
    ],
  },
];

/** A method on this job: whether it is in use, and what it changes in wiring and behavior. */
export interface MethodHere {
  readonly school: Method;
  readonly isInForce: boolean;
  readonly refusedWhy: string | null;
  readonly wires: readonly string[];
  readonly behavior: readonly string[];
}

/** A job with some facts changed. */
export const withChanges = (facts: Facts, changes: readonly FactChange[]): Facts =>
  applyChanges({ ...blankJob(), facts }, changes).facts;

/** A list or number in use counts as the same method whatever its figures: only whether there is one matters. */
const isSet = (value: unknown) => (Array.isArray(value) ? value.length > 0 : value !== null);

const isInForce = (facts: Facts, { changes }: Method): boolean =>
  changes.every(({ path, value }) => {
    const now = factValue(facts, path);
    return typeof value === 'object' || typeof value === 'number' ? isSet(now) === isSet(value) : now === value;
  });

/** Each wire of a harness in words, by its two ends. */
const wiresOf = (harness: Harness): Map<string, string> => {
  const place = ({ device, mark }: TerminalRef) => `${DEVICE_LABELS[device].toLowerCase()} ${mark}`;
  const key = ({ from, to }: { from: TerminalRef; to: TerminalRef }) => `${refText(from)}–${refText(to)}`;
  return new Map([
    ...landedConductors(harness).map((wire) => [key(wire), `${place(wire.from)} to ${place(wire.to)}`] as const),
    ...harness.jumpers.map((wire) => [key(wire), jumperWords(wire)] as const),
  ]);
};

/** The job with as many conductors as it could need: a method is shown fully wired. */
export const withRoom = (facts: Facts): Facts => ({
  ...facts,
  cables: { ...facts.cables, thermostatConductors: 10, outdoorConductors: 10 },
});

/** A side of a question that is not in use, independent of temperature. */
interface OtherSchool {
  readonly refusedWhy: string | null;
  readonly wires: readonly string[];
  readonly plan: Harness;
  /** The job with it, and room in its cables. */
  readonly roomy: Facts;
}

const otherSchool = (facts: Facts, { changes }: Method): OtherSchool => {
  const before = wiresOf(jobModel(facts).planned);
  const other = withChanges(facts, changes);
  const otherPlan = plan(other);
  const after = wiresOf(otherPlan);
  const short = otherPlan.conductors.filter(({ colour }) => colour === null).length;
  return {
    refusedWhy: refusals(other)[0]?.what ?? null,
    plan: otherPlan,
    roomy: withRoom(other),
    wires: [
      ...[...after].filter(([key]) => !before.has(key)).map(([, words]) => `+ ${words}`),
      ...[...before].filter(([key]) => !after.has(key)).map(([, words]) => `− ${words}`),
      ...(short === 0 ? [] : [`This needs ${short} more conductor${short === 1 ? '' : 's'} than the cables have.`]),
    ],
  };
};

/** Each method on a job, computed once per facts. */
const otherSchools = memoizeByFacts((facts) =>
  memoize(
    ({ changes }: Method) => JSON.stringify(changes),
    (school) => otherSchool(facts, school),
  ),
);

/** Both sides of a question for a job against what is in use, without faults. */
export const methodsHere = (facts: Facts, choice: Choice, moment: Moment): MethodHere[] =>
  choice.schools.map((school) => {
    const base = { school, isInForce: isInForce(facts, school), refusedWhy: null, wires: [], behavior: [] };
    if (base.isInForce) return base;
    const other = otherSchools(facts)(school);
    if (other.refusedWhy !== null) return { ...base, refusedWhy: other.refusedWhy };
    const here = jobModel(facts).soundStates(moment);
    const changes = behaviorChanges(other.plan, here, jobModel(other.roomy).soundStates(moment));
    return { ...base, wires: other.wires, behavior: changes.map((change) => changeWords(change, here.size)) };
  });

/** Questions that apply to a job. */
export const choicesOf = (facts: Facts): readonly Choice[] => CHOICES.filter(({ applies }) => applies(facts));
