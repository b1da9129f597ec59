import { numberFact, optionalNumberFact, recordsFact } from '../fact';

/** One appliance on the house’s service, by its nameplate. */
export interface ApplianceRow {
  readonly name: string;
  /** Volt-amperes, as text. */
  readonly va: string;
}

export const service = {
  mainAmps: optionalNumberFact({
    label: 'Main breaker',
    place: 'closet',
    unit: 'A',
    min: 30,
    max: 600,
    step: 5,
    assumed: null,
    none: 'not read yet',
    why: 'Read it off the breaker handle. The house load is compared with it.',
  }),
  otherKVA: optionalNumberFact({
    label: 'All other load, if already calculated',
    place: 'desk',
    unit: 'kVA',
    min: 0.1,
    max: 200,
    step: 0.1,
    assumed: null,
    none: 'added up below',
    why: 'Connected load before the 40 % factor: lighting, circuits and all appliances except heating and cooling.',
  }),
  kitchenCircuits: numberFact({
    label: 'Small-appliance circuits, 20 A',
    place: 'closet',
    unit: '',
    min: 2,
    max: 10,
    assumed: 2,
    why: 'At least two, at 1,500 VA each.',
  }),
  laundryCircuits: numberFact({
    label: 'Laundry circuits',
    place: 'closet',
    unit: '',
    min: 0,
    max: 4,
    assumed: 1,
    why: 'Counted with 1,500 VA each.',
  }),
  appliances: recordsFact<ApplianceRow>({
    label: 'Appliances on the service',
    place: 'closet',
    item: 'appliance',
    columns: { name: 60, va: 12 },
    most: 40,
    assumed: [],
    why: 'Range, oven, water heater, dryer, pump, EV charger: nameplate VA of each.',
  }),
  motorKVA: optionalNumberFact({
    label: 'Compressor and blower',
    place: 'yard',
    unit: 'kVA',
    min: 0.1,
    max: 40,
    step: 0.01,
    assumed: null,
    none: 'from their plates',
    why: 'Volts times the amps on their plates.',
  }),
};
