import { numberFact, textFact } from '../fact';

export const site = {
  jobName: textFact({ label: 'Name of the job', place: 'desk', maxLength: 120, why: 'What the board calls it.' }),
  customer: textFact({ label: 'Customer', place: 'desk', maxLength: 80 }),
  street: textFact({ label: 'Street', place: 'desk' }),
  town: textFact({ label: 'Town', place: 'desk', maxLength: 80 }),
  phone: textFact({ label: 'Phone', place: 'desk', maxLength: 40 }),
  crew: textFact({ label: 'Who to call', place: 'desk', why: 'Printed on the homeowner’s page: crew and telephone.' }),
  elevationFt: numberFact({
    label: 'Elevation',
    place: 'desk',
    unit: 'ft',
    min: -300,
    max: 12_000,
    step: 100,
    assumed: 0,
    why: 'Thin air carries less heat: every temperature rise depends on it.',
  }),
  notes: textFact({ label: 'Notes', place: 'desk', maxLength: 2000, lines: 3 }),
};
