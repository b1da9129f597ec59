import { backupOf } from '../../job/backup';
import { kitRows } from '../../job/kit-rows';
import { supplyCaution } from '../../safety/cautions';
import type { StartupStep } from '../step';
import { tick } from '../tick';

/** When the filter is due, in words, as its reminder counts. */
const FILTER_DUE = {
  'one-inch': '3 months',
  media: '9 months',
  washable: 'a month',
  electronic: '3 months',
} as const;

export const leave: StartupStep = {
  id: 'leave',
  title: 'Before you leave',
  why: 'Half of all call-backs come from a test setting left in.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: [supplyCaution(facts)],
    how: [],
    call: null,
    waits: [],
    items: [
      tick('settings', 'Thermostat back on the owner’s schedule; any lockout removed for a test restored'),
      tick('tests-off', 'Jumpers out, test mode off, sensor’s leads back'),
      tick('mode', 'Thermostat left in Heat or Cool for the season, never in Emergency Heat'),
      tick('panels', 'Panels on, every breaker and disconnect closed'),
      ...(kitRows(facts).length > 0 || backupOf(facts) === 'fossil'
        ? [tick('shown-emergency', 'Homeowner shown emergency heat and when to use it')]
        : []),
      tick('shown-filter', `Homeowner shown the filter; next change in ${FILTER_DUE[facts.talk.filter]}`),
    ],
  }),
};
