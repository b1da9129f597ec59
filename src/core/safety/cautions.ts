import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';

/** Cautions, shown where the work is. Local codes and the manufacturer's instructions override all of them. */
export const CAUTIONS = {
  'two-supplies':
    'Line voltage is lethal. Open, lock out and verify every supply dead: the heat kit often has its own breaker, separate from the blower’s.',
  'every-supply':
    'Line voltage is lethal. Open, lock out and verify every supply dead: the furnace and the outdoor unit often have separate breakers.',
  'one-leg-live': 'One leg of each element stays live while its breaker is on, even with the relay open.',
  'live-measuring': 'Live measurements only if trained, with rated leads and gloves, and no one else at the unit.',
  capacitor: 'Capacitors hold a charge with the power off. Discharge them before you touch them.',
  'moving-blades': 'Fan blades can start without warning when you make a call or a jumper.',
  'strips-need-air': 'Run strips only at or above the kit’s minimum airflow, all panels on.',
  'never-defeat': 'Never bypass a limit, link or safety to get heat. Never upsize a breaker to stop it from tripping.',
  refrigerant: 'Refrigerant circuit, gauges and charge: EPA-certified tech only. Some refrigerants are flammable.',
  fuel: 'Fuel gas, oil and combustion settings: licensed tech only. If you smell gas: get out, touch no switches, call from outside.',
  'short-cycle': 'Never restart a compressor before its minimum off time: pressures must equalize.',
} as const;

export type CautionId = keyof typeof CAUTIONS;

/** Caution about a job's supplies: a separate kit breaker, or a supply for each unit. */
export const supplyCaution = (facts: Facts): CautionId => (kitRows(facts).length > 0 ? 'two-supplies' : 'every-supply');
