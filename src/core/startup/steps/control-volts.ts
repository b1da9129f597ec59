import { indoorId } from '../../devices';
import { DEVICE_LABELS } from '../../devices/device';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';

export const controlVolts: StartupStep = {
  id: 'control-volts',
  title: 'Control voltage, no call',
  why: 'No call works without a good 24 V supply.',
  applies: () => true,
  build: (context) => ({
    cautions: ['live-measuring'],
    how: [
      `Thermostat off. Meter on AC volts at the ${DEVICE_LABELS[indoorId(context.facts)].toLowerCase()} terminal strip.`,
      'Only R should be hot.',
    ],
    call: 'off',
    waits: [],
    items: terminalItems(context, 'off', ['air-handler-R', 'air-handler-G', 'air-handler-W1', 'outdoor-unit-Y']),
  }),
};
