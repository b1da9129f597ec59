import type { ConditionId } from '../control/conditions';
import type { FaultCode } from '../control/scenario';
import type { Facts } from '../job/document';
import type { EquipmentFaults } from '../model/equipment-faults';
import type { CautionId } from '../startup/cautions';
import type { StopId } from '../stop-work/stops';

/** Where what is wrong lies. */
export const CAUSE_KINDS = {
  wires: '24 V wiring',
  settings: 'Settings',
  strips: 'Heat kit',
  air: 'Air',
  supply: 'Power supply',
  outdoors: 'Outdoor unit',
  furnace: 'Furnace',
  nothing: 'Nothing wrong',
} as const;

export type CauseKind = keyof typeof CAUSE_KINDS;

/** What a cause changes in the model of a system. */
export interface Effect {
  /** In the wires. */
  readonly faults?: readonly FaultCode[];
  readonly conditions?: readonly ConditionId[];
  /** In what is set: the facts as they really are. What is landed where stays as it is. */
  readonly facts?: (facts: Facts) => Facts;
  /** In the equipment. */
  readonly ails?: Partial<EquipmentFaults>;
}

/** One thing that can be wrong with a system. */
export interface Cause {
  readonly id: string;
  readonly words: string;
  readonly kind: CauseKind;
  /** How often it is met: only ratios matter. All weights are our judgment. */
  readonly weight: number;
  /** Why it weighs so much. */
  readonly because: string;
  readonly effect: Effect;
  /** What makes sure of it. */
  readonly confirm: string;
  readonly fix: string;
  readonly by: 'technician' | 'licensed';
  readonly caution: CautionId | null;
  /** What it stops the work for, as soon as it is likely. */
  readonly stop?: StopId;
  /** Startup steps whose proof is gone once it is mended. */
  readonly proves: readonly string[];
}
