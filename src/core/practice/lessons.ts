import type { Round } from './round';
import { ROUNDS } from './rounds';

/** A lesson: rounds that need the same kind of thinking. */
export interface Lesson {
  readonly id: string;
  readonly title: string;
  readonly about: string;
  readonly rounds: readonly Round[];
}

const named = (...ids: readonly string[]): readonly Round[] =>
  ids.map((id) => ROUNDS.find((round) => round.id === id)!);

/** The lessons, from finding the hot terminal to two faults at once. */
export const LESSONS: readonly Lesson[] = [
  {
    id: 'hot',
    title: 'Which terminal is hot',
    about: 'R, C and one wire: where does the 24 V stop?',
    rounds: named('dead-thermostat', 'ghost-volts', 'minimum-off', 'data-for-24v'),
  },
  {
    id: 'kit',
    title: 'The kit and its supply',
    about: 'Legs, banks, and volts and amps read at the same time.',
    rounds: named('one-live-leg', 'half-a-kit', 'low-supply', 'aux-to-e'),
  },
  {
    id: 'gates',
    title: 'What keeps the heat off',
    about: 'Dials, lockouts, droop, sensors: nothing is broken, but nothing heats.',
    rounds: named('bulb-holds', 'emergency-through-it', 'lockout-hole', 'droop', 'sensor-in-the-sun'),
  },
  {
    id: 'set',
    title: 'Set, saved, and active',
    about: 'Check the menus before the wires.',
    rounds: named('o-for-b', 'not-activated', 'fossil-as-electric'),
  },
  {
    id: 'fuel',
    title: 'With a furnace',
    about: 'Defrost, interlock, flame.',
    rounds: named('w-out-on-furnace', 'interlock', 'low-gas'),
  },
  {
    id: 'both',
    title: 'Frost, and two things at once',
    about: 'The first answer that fits is not always the whole answer.',
    rounds: named('defrost-on-the-cap', 'two-at-once'),
  },
  {
    id: 'beliefs',
    title: 'Two methods',
    about: 'Good techs disagree. Here is the house where the habit fails.',
    rounds: named('valve-as-last-time', 'one-feed-clamped', 'locked-out-and-dead', 'no-lockout'),
  },
];
