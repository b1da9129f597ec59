import type { Moment } from '@/core/control/moment';
import type { Asked } from '@/core/diagnosis/simulated-house';
import type { Facts } from '@/core/job/document';

/** Between pages of one browser: the simulated meter's lines, and where a page wants its leads. */
export type RadioWord =
  | { readonly kind: 'line'; readonly line: string }
  | {
      readonly kind: 'leads';
      readonly facts: Facts;
      readonly moment: Moment;
      readonly asked: Asked;
      /** What the page calls it. */
      readonly words: string;
    };

/** The channel that simulated instruments send on. */
export const openRadio = (): BroadcastChannel => new BroadcastChannel('gate-cross:radio');
