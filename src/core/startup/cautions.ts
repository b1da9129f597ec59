import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';

/** Cautions, shown where the work is. Local codes and the maker's instructions win over all of them. */
export const CAUTIONS = {
  'two-supplies':
    'Line voltage is lethal. Open, lock out and prove dead every supply: the heat kit often has its own breaker, apart from the blower’s.',
  'every-supply':
    'Line voltage is lethal. Open, lock out and prove dead every supply: furnace and outdoor unit often have each their own.',
  'one-leg-live': 'One leg of each element stays live while its breaker is on, even with the relay open.',
  'live-measuring': 'Measuring live: only if trained, with rated leads and gloves, and nobody else at the unit.',
  capacitor: 'Capacitors hold charge with the power off. Discharge them before touching.',
  'moving-blades': 'Fan blades start without warning when a call or a jumper is made.',
  'strips-need-air': 'Strips only at or above the kit’s least airflow, all panels on.',
  'never-defeat': 'Never bypass a limit, a link or a safety to make heat. Never upsize a breaker to stop it tripping.',
  refrigerant: 'Refrigerant circuit, gauges and charge: licensed people only; some refrigerants burn.',
  fuel: 'Fuel gas, oil and combustion settings: licensed people only. Smell of gas: out, touch no switch, call from outside.',
  'short-cycle': 'Never restart a compressor before its minimum off time: pressures must equalize.',
} as const;

export type CautionId = keyof typeof CAUTIONS;

/** What to mind of the supplies on a job: a kit's own breaker, or a supply for each unit. */
export const supplyCaution = (facts: Facts): CautionId => (kitRows(facts).length > 0 ? 'two-supplies' : 'every-supply');
