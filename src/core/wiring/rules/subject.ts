import type { CallId } from '../../control/moment';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import type { Harness } from '../harness';
import type { WiringState } from '../state';

/** What a wiring rule looks at. */
export interface WiringSubject {
  readonly facts: Facts;
  readonly harness: Harness;
  readonly states: Readonly<Record<CallId, WiringState>>;
}

export type WiringRule = Rule<WiringSubject>;
