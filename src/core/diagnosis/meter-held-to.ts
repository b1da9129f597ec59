import { METER_UNITS, type MeterUnit } from '../instrument/shown';
import type { ProbePlacement } from '../instrument/stand-in';
import { METERS } from '../model/observable';
import type { Answer } from './outcome';
import type { Probe } from './probe';

/** Target of a simulated meter at a probe; null: seen or heard, not metered. */
export const meterHeldTo = ({ of, unit }: Pick<Probe, 'of' | 'unit'>, answer: Answer): ProbePlacement | null => {
  const known = METER_UNITS.find((each): each is MeterUnit => each === unit);
  if (!known || (typeof answer !== 'number' && answer !== 'OL')) return null;
  const { observable } = of;
  return {
    value: answer as number | 'OL',
    unit: known,
    ohms: observable.kind === 'volts' ? METERS[observable.meter].ohms : null,
  };
};
