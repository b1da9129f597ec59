import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';

/** A condition outside the thermostat that moves a contact and can be simulated. */
export interface Condition {
  readonly id: ConditionId;
  readonly label: string;
  /** The same at the start of a sentence. */
  readonly when: string;
  readonly applies: (facts: Facts) => boolean;
}

export type ConditionId =
  | 'board-lockout'
  | 'pan-full'
  | 'supply-air-hot'
  | 'tank-empty'
  | 'limit-open'
  | 'utility-shed'
  | 'floor-wet'
  | 'indoor-damp';

export const CONDITIONS: readonly Condition[] = [
  {
    id: 'board-lockout',
    label: 'Outdoor board locked out on a fault',
    when: 'When the outdoor board locks out on a fault',
    applies: () => true,
  },
  {
    id: 'pan-full',
    label: 'Drain pan full',
    when: 'When the drain pan is full',
    applies: ({ system }) => system.floatSwitch !== 'none',
  },
  {
    id: 'supply-air-hot',
    label: 'Hot air still at the coil',
    when: 'While the supply air at the coil is hot',
    applies: ({ system, furnace }) => backupOf({ system }) === 'fossil' && furnace.interlock === 'kit',
  },
  {
    id: 'tank-empty',
    label: 'Low gas pressure or empty tank',
    when: 'When the gas pressure is low',
    applies: ({ system, furnace }) =>
      backupOf({ system }) === 'fossil' && furnace.fuel === 'propane' && furnace.lowGasSwitch,
  },
  {
    id: 'limit-open',
    label: 'Furnace limit open',
    when: 'When the furnace limit opens',
    applies: ({ system, furnace }) => backupOf({ system }) === 'fossil' && furnace.fuel !== 'fuel-oil',
  },
  {
    id: 'utility-shed',
    label: 'Utility load control active',
    when: 'During utility load control',
    applies: ({ boxes }) => boxes.loadControl === 'Y',
  },
  {
    id: 'indoor-damp',
    label: 'Indoor humidity high',
    when: 'When indoor humidity is high',
    applies: ({ boxes }) => boxes.dehumidify === 'cooling',
  },
  {
    id: 'floor-wet',
    label: 'Water under the humidifier',
    when: 'With water under the humidifier',
    applies: ({ boxes }) => boxes.humidifier !== 'none',
  },
];

/** Conditions that a job's devices can have. */
export const conditionsOf = (facts: Facts): readonly Condition[] => CONDITIONS.filter(({ applies }) => applies(facts));
