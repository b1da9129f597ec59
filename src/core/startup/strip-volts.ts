import type { Facts } from '../job/document';
import { voltsMeaning } from '../strips/volts-meaning';
import { expectWithin } from './expect';
import type { Item, Wait } from './step';

/** A kit's supply under its own load may fall this share below the service, or stand this share above it. */
export const LOADED_TOLERANCE = 0.07;

/** Volts at the kit while its strips run: strip amps are judged at them. */
export const stripVoltsItem = ({ heatKit: { serviceVolts } }: Facts): Item => ({
  id: 'strip-volts',
  of: { call: 'heat-aux', observable: { kind: 'line-volts', at: 'kit-1', isLoaded: true } },
  label: 'Volts at the kit, strips on',
  unit: 'V',
  expect: () =>
    expectWithin(serviceVolts, LOADED_TOLERANCE, LOADED_TOLERANCE, `Service of ${serviceVolts} V under load`),
  explain: (value) => (typeof value === 'number' ? voltsMeaning(value, serviceVolts, LOADED_TOLERANCE) : null),
});

/** The wait until the slowest switch of the kit has closed. */
export const sequencerWait = ({ heatKit }: Facts): Wait => ({
  id: 'sequencer',
  label: 'Slowest heat switch',
  seconds: Math.max(0, ...heatKit.elements.map(({ onS }) => onS)),
  why: 'An element that has not come in yet looks like a dead one.',
});
