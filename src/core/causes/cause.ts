import type { ConditionId } from '../control/conditions';
import type { FaultCode } from '../control/scenario';
import type { Facts } from '../job/document';
import type { EquipmentFaults } from '../model/equipment-faults';
import type { CautionId } from '../safety/cautions';
import type { StopId } from '../safety/stops';

/** Parts of a system that a cause can be in. */
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

/** Effect of a cause on the model of a system. */
export interface Effect {
  /** Wiring faults. */
  readonly faults?: readonly FaultCode[];
  readonly conditions?: readonly ConditionId[];
  /** The facts as they really are, for a wrong setting. The wiring stays the same. */
  readonly facts?: (facts: Facts) => Facts;
  /** Equipment faults. */
  readonly ails?: Partial<EquipmentFaults>;
}

/** One possible cause of trouble. */
export interface Cause {
  readonly id: string;
  readonly words: string;
  readonly kind: CauseKind;
  /** Relative frequency. All weights are our judgment. */
  readonly weight: number;
  /** Reason for the weight. */
  readonly because: string;
  readonly effect: Effect;
  /** How to confirm it. */
  readonly confirm: string;
  readonly fix: string;
  readonly by: 'technician' | 'licensed';
  readonly caution: CautionId | null;
  /** The stop it triggers once it is likely. */
  readonly stop?: StopId;
  /** Startup steps to repeat after the repair. */
  readonly proves: readonly string[];
}
