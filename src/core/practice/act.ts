import type { CallId } from '../control/moment';
import type { Spot } from '../devices/device';
import type { Metering } from '../diagnosis/probes/free';

/** What else than fixing the cause somebody in a hurry may do, and what comes of it. */
export const SHORTCUTS = {
  'bypass-limit': {
    words: 'Bridge the limit, so that the strips heat',
    would:
      'With its limit bridged a strip has nothing left that stops it when the air stops: it glows on in a still cabinet until something burns. A limit that opens is telling of air, and is never bridged.',
  },
  'leave-jumper': {
    words: 'Leave a jumper from R to W, so that there is heat tonight',
    would:
      'With R on W by a jumper the strips heat whatever the thermostat says, in summer too, and nobody who comes next knows of it. A jumper is a tool: it comes out with you.',
  },
} as const;

export type Shortcut = keyof typeof SHORTCUTS;

/** What can be done at a thermostat’s own keys in a round: its menus are looked through, and nothing is changed. */
export const KEYS = {
  before: 'What comes first is done',
  enter: 'Setup open',
  next: 'Next entry',
  back: 'Entry before',
  leave: 'Setup left',
} as const;

export type Key = keyof typeof KEYS;

/** Something that a technician does. */
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
