import { backupOf } from '../../job/backup';
import { kitRows } from '../../job/kit-rows';
import { staticHow, staticItems } from '../static-item';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';

export const fan: StartupStep = {
  id: 'fan',
  title: 'Fan',
  why: (facts) =>
    backupOf(facts) === 'fossil'
      ? 'The heat exchanger and coil depend on this airflow.'
      : kitRows(facts).length > 0
        ? 'The strips and coil depend on this airflow.'
        : 'The coil depends on this airflow.',
  applies: () => true,
  build: (context) => ({
    cautions: ['moving-blades', 'live-measuring'],
    how: ['Thermostat: system off, fan on.', ...staticHow(context.facts, 'fan')],
    call: 'fan',
    waits: [],
    items: [
      ...terminalItems(context, 'fan', ['air-handler-G', 'air-handler-W1', 'outdoor-unit-Y']),
      ...staticItems(context, 'fan'),
    ],
  }),
};
