import type { CallId } from '../control/moment';
import type { Spot } from '../devices/device';
import type { Observation } from '../model/observable';
import type { CautionId } from '../safety/cautions';

/** How a probe is taken: it decides when it may be offered, and what it costs. */
export type ProbeKind =
  /** Seen or heard, or read off a display or a menu. */
  | 'look'
  /** With every supply open, locked and proved dead. */
  | 'dead'
  /** At 24 V. */
  | 'low-volts'
  /** In the air stream, or in the duct. */
  | 'air'
  /** At line voltage: qualified people, rated equipment, and only when nothing else tells. */
  | 'live'
  /** In the refrigerant or the fuel: licensed people. */
  | 'licensed';

/** Something that can be observed, with what it takes. */
export interface Probe {
  readonly id: string;
  readonly of: Observation;
  readonly words: string;
  readonly how: string;
  readonly unit: string;
  /** The words that it can answer, where it is no number. */
  readonly choices: readonly { readonly word: string; readonly words: string }[] | null;
  /** Terminals of which some are hot: the answer names those, `+` between, or `none`. */
  readonly marks: readonly string[] | null;
  readonly place: Spot;
  readonly kind: ProbeKind;
  readonly caution: CautionId | null;
  /** Seconds that it takes there, once panel and call are as they must be. */
  readonly seconds: number;
  /** Whether a panel must be off. */
  readonly needsPanel: boolean;
}

/** Whether a probe answers with a word, and not with a number. */
export const hasWords = ({ choices, marks }: Probe): boolean => choices !== null || marks !== null;

/** The call that a probe is taken in; null: none matters. */
export const callOf = ({ of }: Probe): CallId | null => of.call;
