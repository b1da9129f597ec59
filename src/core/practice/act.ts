import type { CallId } from '../control/moment';
import type { Spot } from '../devices/device';
import type { Metering } from '../diagnosis/probes/free';

/** Shortcuts of someone in a hurry, and what comes of them. */
export const SHORTCUTS = {
  'bypass-limit': {
    words: 'Jumper out the limit so the strips heat',
    would:
      'With the limit jumpered, nothing shuts the element off when airflow stops: it keeps glowing in a dead cabinet until something burns. A limit that opens is telling you about airflow. Never jumper a limit.',
  },
  'leave-jumper': {
    words: 'Leave an R–W jumper in so they have heat tonight',
    would:
      'With R jumpered to W the strips heat no matter what the thermostat says, even in summer, and the next tech will not know. A jumper is a tool: it leaves with you.',
  },
} as const;

export type Shortcut = keyof typeof SHORTCUTS;

/** Acts at a thermostat’s keys in a round: browsing its menus, without changes. */
export const KEYS = {
  before: 'Preliminary steps done',
  enter: 'Setup open',
  next: 'Next entry',
  back: 'Previous entry',
  leave: 'Left setup',
} as const;

export type Key = keyof typeof KEYS;

/** Something a technician does. */
export type Act =
  | { readonly kind: 'walk'; readonly to: Spot }
  /** Takes off the panel where he stands. */
  | { readonly kind: 'open' }
  /** Sets a call: at the thermostat, a defrost at the board outdoors. */
  | { readonly kind: 'call'; readonly call: CallId }
  /** Opens, locks out and proves dead every supply; puts them back. */
  | { readonly kind: 'isolate' | 'energize' }
  | { readonly kind: 'wait'; readonly seconds: number }
  /** Looks, listens or measures. */
  | { readonly kind: 'probe'; readonly id: string }
  /** Reads between any two points where he stands. */
  | ({ readonly kind: 'meter' } & Metering)
  | { readonly kind: 'keys'; readonly key: Key }
  /** Says what it is, and fixes it: ids of the causes. */
  | { readonly kind: 'name'; readonly causes: readonly string[] }
  | { readonly kind: 'shortcut'; readonly shortcut: Shortcut };
