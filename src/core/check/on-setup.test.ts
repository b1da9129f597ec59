import { assumedFacts, type Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { resolveSettings } from '../setup/resolve';
import { findingsOf } from '.';
import { setupPageFindings } from './on-setup';
import { findingsFor } from './pages';

const assumed = assumedFacts();

/** A thermostat set to the wrong reversing valve, on a cable without the conductors it needs. */
const twoWiringErrors: Facts = {
  ...assumed,
  outdoorUnit: { ...assumed.outdoorUnit, reversingValve: 'O' },
  thermostat: { ...assumed.thermostat, valveSetting: 'B' },
  cables: { ...assumed.cables, thermostatConductors: 2 },
};

test('Setup lists two wiring errors in the same order as the full check', () => {
  const model = jobModel(twoWiringErrors);
  const settings = resolveSettings({ facts: twoWiringErrors, confirmed: new Set() });
  const rules = (found: readonly { readonly rule: string }[]) => found.map(({ rule }) => rule);
  expect(rules(setupPageFindings(model, settings)).slice(0, 2)).toEqual(['valve-agrees', 'enough-conductors']);
  expect(rules(setupPageFindings(model, settings))).toEqual(rules(findingsFor('setup', findingsOf(model))));
});
