import type { Moment } from '@/core/control/moment';
import type { Asked } from '@/core/diagnosis/simulated-house';
import type { Facts } from '@/core/job/document';

/** Messages between pages of one browser: the simulated meter's lines, and where a page wants its probes. */
export type RadioWord =
  | { readonly kind: 'line'; readonly line: string }
  | {
      readonly kind: 'leads';
      readonly facts: Facts;
      readonly moment: Moment;
      readonly asked: Asked;
      /** The page's name for it. */
      readonly words: string;
    };

/** Channel of simulated instruments. */
export const openRadio = (): BroadcastChannel => new BroadcastChannel('gate-cross:radio');
