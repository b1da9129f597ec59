import { backupOf } from '../../job/backup';
import { kitRows } from '../../job/kit-rows';
import { supplyCaution } from '../cautions';
import type { StartupStep } from '../step';
import { tick } from '../tick';

export const leave: StartupStep = {
  id: 'leave',
  title: 'Leave it right',
  why: 'Half the call-backs are a test setting left behind.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: [supplyCaution(facts)],
    how: [],
    call: null,
    waits: [],
    items: [
      tick('settings', 'Thermostat back to the owner’s schedule; any lockout lifted for a test put back'),
      tick('panels', 'Panels on, every breaker and disconnect closed'),
      ...(kitRows(facts).length > 0 || backupOf(facts) === 'fossil'
        ? [tick('shown-emergency', 'Owner shown emergency heat, and when to use it')]
        : []),
      tick('shown-filter', 'Owner shown the filter'),
    ],
  }),
};
