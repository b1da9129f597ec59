import { numberFact, textFact } from '../fact';

export const site = {
  jobName: textFact({ label: 'Job name', place: 'desk', maxLength: 120, why: 'Shown in the job list.' }),
  customer: textFact({ label: 'Customer', place: 'desk', maxLength: 80 }),
  street: textFact({ label: 'Street', place: 'desk' }),
  town: textFact({ label: 'Town', place: 'desk', maxLength: 80 }),
  phone: textFact({ label: 'Phone', place: 'desk', maxLength: 40 }),
  crew: textFact({ label: 'Service contact', place: 'desk', why: 'Printed on the homeowner page: company and phone.' }),
  elevationFt: numberFact({
    label: 'Elevation',
    place: 'desk',
    unit: 'ft',
    min: -300,
    max: 12_000,
    step: 100,
    assumed: 0,
    why: 'Thin air carries less heat. Every temperature rise depends on elevation.',
  }),
  notes: textFact({ label: 'Notes', place: 'desk', maxLength: 2000, lines: 3 }),
};
