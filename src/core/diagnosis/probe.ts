import type { CallId } from '../control/moment';
import type { Spot } from '../devices/device';
import type { Observation } from '../model/observable';
import type { CautionId } from '../safety/cautions';

/** Kind of a probe: decides when it may be offered, and its time. */
export type ProbeKind =
  /** Seen or heard, or read off a display or a menu. */
  | 'look'
  /** With every supply open, locked out and verified dead. */
  | 'dead'
  /** At 24 V. */
  | 'low-volts'
  /** In the airstream or the duct. */
  | 'air'
  /** At line voltage: qualified people, rated equipment, and only if no other probe is informative. */
  | 'live'
  /** Refrigerant or fuel: licensed people. */
  | 'licensed';

/** Something that can be observed, with its conditions. */
export interface Probe {
  readonly id: string;
  readonly of: Observation;
  readonly words: string;
  readonly how: string;
  readonly unit: string;
  /** Possible words, if it is not a number. */
  readonly choices: readonly { readonly word: string; readonly words: string }[] | null;
  /** Terminals to check: the answer names the hot ones joined by `+`, or `none`. */
  readonly marks: readonly string[] | null;
  readonly place: Spot;
  readonly kind: ProbeKind;
  readonly caution: CautionId | null;
  /** Seconds at the place, with panel and call ready. */
  readonly seconds: number;
  /** Whether a panel must be off. */
  readonly needsPanel: boolean;
}

/** Whether a probe answers with a word, not a number. */
export const hasWords = ({ choices, marks }: Probe): boolean => choices !== null || marks !== null;

/** Call of a probe; null if the call does not matter. */
export const callOf = ({ of }: Probe): CallId | null => of.call;
