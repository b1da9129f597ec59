import { elementAmps } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { roundTo } from '../units/round';
import { airflowRead, SETTING_SHARE } from './air-items';
import { kitVolts, type StartupContext } from './given';
import { itemKey } from './item-key';
import type { Item } from './step';

/** Share of the smallest element's current at which a kit counts as heating. */
const HEATS_SHARE = 0.7;

/** Airflow by temperature rise on strips alone, and what it says about the blower setting. */
export type AirflowCheck =
  | { readonly kind: 'waits' }
  /** The kit does not heat: a rise of the air says nothing of its flow. */
  | { readonly kind: 'no-heat' }
  | {
      readonly kind: 'read';
      readonly cfm: number;
      readonly grade: 'pass' | 'warn' | 'fail';
      readonly means: string;
      readonly next?: string;
    };

/** Heater amps of all circuits, less the blower where the clamp included it; undefined until every circuit is read. */
export const heaterAmpsRead = (context: StartupContext, items: readonly Item[]): number | undefined => {
  let sum = 0;
  for (const item of items) {
    const reading = context.readings.get(itemKey(context.facts, 'emergency', item));
    if (typeof reading?.value !== 'number') return undefined;
    const hasBlower = item.places !== undefined && reading.place !== 'heaters-only';
    sum += reading.value - (hasBlower ? context.facts.airHandler.blowerAmps : 0);
  }
  return sum;
};

/**
 * Judges the airflow from the emergency-heat readings: volts and amps of the strips, return and supply air.
 * @param ampsItems the clamp items of the step, one per circuit
 */
export const airflowCheck = (context: StartupContext, ampsItems: readonly Item[]): AirflowCheck => {
  const { facts } = context;
  const heaterAmps = heaterAmpsRead(context, ampsItems);
  const { volts } = kitVolts(context);
  const leastAmps = Math.min(...jobElements(facts).map((element) => elementAmps(element, volts)));
  if (heaterAmps !== undefined && heaterAmps < HEATS_SHARE * leastAmps) return { kind: 'no-heat' };
  const cfm = airflowRead(context, heaterAmps);
  if (cfm === undefined) return { kind: 'waits' };
  const { auxCfm } = facts.airHandler;
  const { minCfm } = facts.heatKit;
  const air = `Airflow by temperature rise: ${roundTo(cfm, 0)} CFM; the blower is set for ${auxCfm}, the kit needs ${minCfm}.`;
  if (cfm < minCfm)
    return {
      kind: 'read',
      cfm,
      grade: 'fail',
      means: air,
      next: 'Too little airflow for these strips. Turn the strips off; then check filter, registers, blower setting.',
    };
  if (Math.abs(cfm - auxCfm) <= SETTING_SHARE * auxCfm) return { kind: 'read', cfm, grade: 'pass', means: air };
  return {
    kind: 'read',
    cfm,
    grade: 'warn',
    means: air,
    next:
      cfm < auxCfm
        ? 'Less airflow than set: check filter, coil, registers, static pressure; or the speed tap differs from the Survey.'
        : 'More airflow than set: recheck the speed tap or switch, and that the probes are out of line of sight of the strips.',
  };
};
