import type { Facts } from '../job/document';
import { voltsMeaning } from '../strips/volts-meaning';
import { expectWithin } from './expect';
import type { Item, Verdict, Wait } from './step';

/** Allowed kit supply under its own load, as shares below and above nominal. */
export const LOADED_TOLERANCE = 0.07;

/** Share of strip heat lost to low volts that is worth a note, though the volts pass. */
const HEAT_LOST_SHARE = 0.05;

/** Heat left at low but passing volts: it falls with the square. */
const heatLeft = (volts: number, serviceVolts: number): Omit<Verdict, 'grade'> | null => {
  const share = (volts / serviceVolts) ** 2;
  if (share > 1 - HEAT_LOST_SHARE) return null;
  const lowest = Math.ceil(serviceVolts * (1 - LOADED_TOLERANCE));
  return {
    means: `As expected: ${lowest} V is the low limit. At this voltage the strips make ${Math.round(100 * share)} % of rated heat.`,
  };
};

/** Volts at the kit with strips on: strip amps are judged at them. */
export const stripVoltsItem = ({ heatKit: { serviceVolts } }: Facts): Item => ({
  id: 'strip-volts',
  of: { call: 'heat-aux', observable: { kind: 'line-volts', at: 'kit-1', isLoaded: true } },
  label: 'Volts at the kit, strips on',
  unit: 'V',
  expect: () =>
    expectWithin(serviceVolts, LOADED_TOLERANCE, LOADED_TOLERANCE, `Service of ${serviceVolts} V under load`),
  explain: (value, grade) => {
    if (typeof value !== 'number') return null;
    const meaning = voltsMeaning(value, serviceVolts, LOADED_TOLERANCE);
    return meaning ?? (grade === 'pass' ? heatLeft(value, serviceVolts) : null);
  },
});

/** Wait for the kit's slowest switch. */
export const sequencerWait = ({ heatKit }: Facts): Wait => ({
  id: 'sequencer',
  label: 'Slowest sequencer',
  seconds: Math.max(0, ...heatKit.elements.map(({ onS }) => onS)),
  why: 'An element whose sequencer has not closed yet looks dead.',
});
