import { choiceFact, optionalNumberFact, tableFact } from '../fact';
import { WITH_STRIPS } from './system';

/** An outdoor thermostat in the auxiliary circuit. */
export interface OutdoorThermostatRow {
  /** The bank that it gates; 0: all of them. */
  readonly bank: number;
  readonly closesBelowF: number;
}

export const gates = {
  compressorBelowF: optionalNumberFact({
    label: 'Compressor locked out below',
    place: 'wall',
    unit: '°F',
    min: -20,
    max: 60,
    assumed: null,
    none: 'no lockout',
    why: 'With electric strips a heat pump above COP 1 is always the cheaper; a lockout above the unit’s own limit costs money.',
  }),
  auxAboveF: optionalNumberFact({
    label: 'Backup locked out above',
    place: 'wall',
    unit: '°F',
    min: -10,
    max: 70,
    assumed: null,
    none: 'no lockout',
    why: 'Keeps strips or furnace off in mild weather; some utilities and energy codes ask for it. Emergency heat is not held by it.',
  }),
  outdoorThermostats: tableFact<OutdoorThermostatRow>({
    label: 'Outdoor thermostats',
    place: 'yard',
    item: 'outdoor thermostat',
    columns: {
      bank: { label: 'Bank', unit: 'bank, 0 all', min: 0, max: 3, step: 1 },
      closesBelowF: { label: 'Closes below', unit: '°F', min: -20, max: 60, step: 1 },
    },
    least: 0,
    most: 3,
    distinct: 'bank',
    newRow: { bank: 1, closesBelowF: 35 },
    assumed: [],
    onlyWhen: WITH_STRIPS,
    why: 'A switch in a bank’s auxiliary circuit, in the shade, that lets it run only when it is cold. Emergency heat goes round it.',
  }),
  outdoorThermostatsAt: choiceFact({
    label: 'They are',
    place: 'yard',
    options: [
      { value: 'in-unit', label: 'In the outdoor unit' },
      { value: 'beside', label: 'Beside it, own cable' },
    ],
    assumed: 'in-unit',
    onlyWhen: WITH_STRIPS,
    why: 'In the unit their conductors go in the outdoor cable; beside it they have one of their own.',
  }),
};
