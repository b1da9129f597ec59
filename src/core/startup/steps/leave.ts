import { backupOf } from '../../job/backup';
import { kitRows } from '../../job/kit-rows';
import { supplyCaution } from '../cautions';
import type { StartupStep } from '../step';
import { tick } from '../tick';

/** When a filter is due again, in words: as its reminder counts. */
const FILTER_DUE = {
  'one-inch': '3 months',
  media: '9 months',
  washable: 'a month',
  electronic: '3 months',
} as const;

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
      tick('tests-off', 'Jumpers out, test mode off, sensor’s leads back'),
      tick('mode', 'Thermostat left in heat or cool as the season wants, never in emergency'),
      tick('panels', 'Panels on, every breaker and disconnect closed'),
      ...(kitRows(facts).length > 0 || backupOf(facts) === 'fossil'
        ? [tick('shown-emergency', 'Owner shown emergency heat, and when to use it')]
        : []),
      tick('shown-filter', `Owner shown the filter, due again after ${FILTER_DUE[facts.talk.filter]}`),
    ],
  }),
};
