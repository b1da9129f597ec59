import type { FactPath, Facts } from '../job/document';
import type { TakenReading } from '../job/reading';
import { type KitEvidence, MOST_ELEMENTS } from './find-kit';
import { ohmsItem } from './measured';

/** Readings that identify a kit, by key: volts under load, and amps of its main feed with everything called. */
export interface EvidenceKeys {
  readonly volts: string;
  readonly mainAmps: string;
}

/**
 * Evidence about a job's kit: elements, nameplate and breakers as far as checked, measured ohms, amps with everything
 * on.
 * @param current the counting reading of each key
 */
export const kitEvidence = (
  facts: Facts,
  confirmed: ReadonlySet<FactPath>,
  current: ReadonlyMap<string, TakenReading>,
  keys: EvidenceKeys,
): KitEvidence => {
  const { heatKit, airHandler } = facts;
  const ohms = Array.from({ length: MOST_ELEMENTS }, (_, at) => current.get(ohmsItem(at))?.value).filter(
    (value): value is number | 'OL' => typeof value === 'number' || value === 'OL',
  );
  const [main, volts] = [current.get(keys.mainAmps), current.get(keys.volts)?.value];
  const amps = main?.value;
  const hasBlower = heatKit.blowerOnFirstCircuit && main?.place !== 'heaters-only';
  const heaterAmps = typeof amps === 'number' ? amps - (hasBlower ? airHandler.blowerAmps : 0) : 0;
  return {
    ratedVolts: heatKit.ratedVolts,
    blowerAmps: airHandler.blowerAmps,
    blowerOnFirstCircuit: heatKit.blowerOnFirstCircuit,
    ...(heatKit.plateKW === null ? {} : { plateKW: heatKit.plateKW }),
    ...(confirmed.has('heatKit.breakersAmps') ? { breakersAmps: heatKit.breakersAmps } : {}),
    ...(confirmed.has('heatKit.elements') ? { enteredKW: heatKit.elements.map(({ kW }) => kW) } : {}),
    ...(ohms.length > 0 ? { ohms } : {}),
    ...(heaterAmps > 1 && typeof volts === 'number' ? { running: { amps: heaterAmps, volts } } : {}),
  };
};
