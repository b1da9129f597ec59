import type { FactPath, Facts } from '../job/document';
import { currentReadings, type Reading } from '../job/reading';
import type { KitEvidence } from './find-kit';
import { ohmsItem } from './measured';

/** Items of the Strips page: volts at the kit, and amps at a clamp place. */
export const STRIP_VOLTS_ITEM = 'strips/volts';
export const stripAmpsItem = (clamp: string): string => `strips/amps-${clamp}`;

const MOST_ELEMENTS = 6;

/**
 * What a job knows of its kit, apart from the elements on the Sheet: plate and breakers as far as somebody has looked,
 * ohms measured, amps of everything running.
 */
export const kitEvidence = (
  facts: Facts,
  confirmed: ReadonlySet<FactPath>,
  readings: readonly Reading[],
): KitEvidence => {
  const current = currentReadings(readings);
  const { heatKit, airHandler } = facts;
  const ohms = Array.from({ length: MOST_ELEMENTS }, (_, at) => current.get(ohmsItem(at))?.value).filter(
    (value): value is number | 'OL' => typeof value === 'number' || value === 'OL',
  );
  const [amps, volts] = [stripAmpsItem('main'), STRIP_VOLTS_ITEM].map((item) => current.get(item)?.value);
  const heaterAmps = typeof amps === 'number' ? amps - (heatKit.blowerOnFirstCircuit ? airHandler.blowerAmps : 0) : 0;
  return {
    ratedVolts: heatKit.ratedVolts,
    blowerAmps: airHandler.blowerAmps,
    blowerOnFirstCircuit: heatKit.blowerOnFirstCircuit,
    ...(heatKit.plateKW === null ? {} : { plateKW: heatKit.plateKW }),
    ...(confirmed.has('heatKit.breakersAmps') ? { breakersAmps: heatKit.breakersAmps } : {}),
    ...(ohms.length > 0 ? { ohms } : {}),
    ...(heaterAmps > 1 && typeof volts === 'number' ? { running: { amps: heaterAmps, volts } } : {}),
  };
};
