import type { Moment } from '../control/moment';
import { DEVICE_LABELS } from '../devices/device';
import type { Facts } from '../job/document';
import { type BehaviourChange, behaviourChanges, changeWords, fuseWords, statesByCall } from './behaviour';
import { type Conductor, type Harness, type Jumper, sameRef, type TerminalRef } from './harness';

/** One thing that was found otherwise than planned, and what it alone would have done. */
export interface Difference {
  readonly id: string;
  /** “white: at the air handler from W1 to W2” */
  readonly words: string;
  /** What a sound system would do wrong with this alone; empty: nothing. */
  readonly effects: readonly string[];
  readonly changes: readonly BehaviourChange[];
}

const at = ({ device }: TerminalRef) => DEVICE_LABELS[device].toLowerCase();

const endWords = (was: TerminalRef | null, is: TerminalRef | null): string | null => {
  if (sameRef(was, is)) return null;
  if (was && is)
    return was.device === is.device
      ? `at the ${at(is)} from ${was.mark} to ${is.mark}`
      : `from ${at(was)} ${was.mark} to ${at(is)} ${is.mark}`;
  return is ? `landed on ${at(is)} ${is.mark}, planned loose` : `loose at the ${at(was!)}, planned on ${was!.mark}`;
};

const conductorWords = (was: Conductor, is: Conductor): string => {
  const ends = [endWords(was.from, is.from), endWords(was.to, is.to)].filter((words) => words !== null);
  return `${is.colour ?? 'conductor'}: ${ends.join('; ')}`;
};

interface Step {
  readonly id: string;
  readonly words: string;
  readonly apply: (planned: Harness) => Harness;
}

const withConductor = (harness: Harness, conductor: Conductor): Harness => ({
  ...harness,
  conductors: harness.conductors.some(({ id }) => id === conductor.id)
    ? harness.conductors.map((each) => (each.id === conductor.id ? conductor : each))
    : [...harness.conductors, conductor],
});

const conductorSteps = (planned: Harness, found: Harness): Step[] => {
  const before = new Map(planned.conductors.map((conductor) => [conductor.id, conductor]));
  const after = new Set(found.conductors.map(({ id }) => id));
  const label = new Map(planned.cables.map(({ id, label }) => [id, label.toLowerCase()]));
  const moved = found.conductors.flatMap((is): Step[] => {
    const was = before.get(is.id) ?? { ...is, from: null, to: null };
    if (sameRef(was.from, is.from) && sameRef(was.to, is.to)) return [];
    return [
      {
        id: is.id,
        words: `${label.get(is.cable)}, ${conductorWords(was, is)}`,
        apply: (harness) => withConductor(harness, is),
      },
    ];
  });
  const gone = planned.conductors
    .filter(({ id, from, to }) => !after.has(id) && (from !== null || to !== null))
    .map((was): Step => ({
      id: was.id,
      words: `${label.get(was.cable)}, ${was.colour ?? 'conductor'}: not there, planned from ${was.from?.mark ?? 'nowhere'} to ${was.to?.mark ?? 'nowhere'}`,
      apply: (harness) => ({ ...harness, conductors: harness.conductors.filter(({ id }) => id !== was.id) }),
    }));
  return [...moved, ...gone];
};

const sameJumper = (one: Jumper, other: Jumper) =>
  (sameRef(one.from, other.from) && sameRef(one.to, other.to)) ||
  (sameRef(one.from, other.to) && sameRef(one.to, other.from));

const jumperSteps = (planned: Harness, found: Harness): Step[] => [
  ...planned.jumpers
    .filter((jumper) => !found.jumpers.some((each) => sameJumper(each, jumper)))
    .map((jumper): Step => ({
      id: `missing ${jumper.id}`,
      words: `${at(jumper.from)}: ${jumper.id} is missing`,
      apply: (harness) => ({ ...harness, jumpers: harness.jumpers.filter((each) => !sameJumper(each, jumper)) }),
    })),
  ...found.jumpers
    .filter((jumper) => !planned.jumpers.some((each) => sameJumper(each, jumper)))
    .map((jumper): Step => ({
      id: `added ${jumper.id}`,
      words: `${at(jumper.from)}: ${jumper.id} is not planned`,
      apply: (harness) => ({ ...harness, jumpers: [...harness.jumpers, jumper] }),
    })),
];

/**
 * What was found otherwise than planned, move by move, each with what it alone would do to the planned system in
 * every call.
 * Everything together may do more, or hide a part: the rules and the meter look at the whole.
 */
export const differences = (facts: Facts, planned: Harness, found: Harness, moment: Moment): Difference[] => {
  const steps = [...conductorSteps(planned, found), ...jumperSteps(planned, found)];
  if (steps.length === 0) return [];
  const before = statesByCall(facts, planned, moment);
  return steps.map(({ id, words, apply }) => {
    const after = statesByCall(facts, apply(planned), moment);
    const fuse = fuseWords(after);
    const changes = behaviourChanges(planned, before, after);
    return { id, words, changes, effects: fuse ? [fuse] : changes.map((change) => changeWords(change, before.size)) };
  });
};
