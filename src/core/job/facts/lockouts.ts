import { choiceFact, optionalNumberFact, tableFact } from '../fact';
import { WITH_STRIPS } from './system';

/** An outdoor thermostat in the auxiliary circuit. */
export interface OutdoorThermostatRow {
  /** The bank that it locks out; 0: all of them. */
  readonly bank: number;
  readonly closesBelowF: number;
}

export const lockouts = {
  compressorBelowF: optionalNumberFact({
    label: 'Compressor locked out below',
    place: 'wall',
    unit: '°F',
    min: -20,
    max: 60,
    assumed: null,
    none: 'no lockout',
    why: 'With strips, a heat pump above COP 1 is always cheaper. A lockout above the unit’s low-temperature cutoff costs money.',
  }),
  auxAboveF: optionalNumberFact({
    label: 'Backup locked out above',
    place: 'wall',
    unit: '°F',
    min: -10,
    max: 70,
    assumed: null,
    none: 'no lockout',
    why: 'Keeps strips or furnace off in mild weather; some utilities and energy codes require it. It does not lock out emergency heat.',
  }),
  outdoorThermostats: tableFact<OutdoorThermostatRow>({
    label: 'Outdoor thermostats',
    place: 'yard',
    item: 'outdoor thermostat',
    columns: {
      bank: { label: 'Bank', unit: '0 = all', min: 0, max: 3, step: 1 },
      closesBelowF: { label: 'Closes below', unit: '°F', min: -20, max: 60, step: 1 },
    },
    least: 0,
    most: 3,
    distinct: 'bank',
    newRow: { bank: 1, closesBelowF: 35 },
    assumed: [],
    onlyWhen: WITH_STRIPS,
    why: 'A shaded thermostat outdoors, in a bank’s AUX circuit, that lets the bank run only when it is cold. Emergency heat bypasses it.',
  }),
  outdoorThermostatsAt: choiceFact({
    label: 'Outdoor thermostats mounted',
    place: 'yard',
    options: [
      { value: 'in-unit', label: 'In the outdoor unit' },
      { value: 'beside', label: 'Next to the unit, on its own cable' },
    ],
    assumed: 'in-unit',
    onlyWhen: WITH_STRIPS,
    why: 'Inside the unit they use the outdoor cable; next to it they need their own cable.',
  }),
};
