import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { supplyCaution } from '../../safety/cautions';
import { suppliesOf } from '../energy';
import type { Item, StartupStep } from '../step';
import { tick, verifyDead } from '../tick';

/** Every supply to open before hands go in: exactly those that exist. */
const supplies = (facts: Facts): Item[] =>
  suppliesOf(facts).map(({ id, label, breakerAmps }) =>
    verifyDead(id, `${label}${breakerAmps === null ? '' : ` (${breakerAmps} A)`} open, locked out, verified dead`),
  );

export const makeSafe: StartupStep = {
  id: 'make-safe',
  title: 'Make safe and inspect',
  why: 'Loose lugs and open limits are found with the power off. Touch nothing until every supply is verified dead.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: [supplyCaution(facts), 'capacitor'],
    how: [
      'Test the tester on a live source, then the circuit, then the tester on the live source again.',
      'Discharge every capacitor before hands go in.',
      `Tighten line lugs to the torque on the label. Look for heat marks, pinched wires${kitRows(facts).length > 0 ? ', the airflow arrow on the kit' : ''}.`,
    ],
    call: null,
    waits: [],
    items: [
      ...supplies(facts),
      { ...tick('lugs', 'Lugs tight, nothing scorched or pinched'), handsIn: 'every' },
      tick('filter', 'Filter clean, registers open'),
    ],
  }),
};
