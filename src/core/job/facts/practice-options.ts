import { apartF } from '../../units/degrees';
import { choiceFact, flagFact, numberFact } from '../fact';
import { WITH_FURNACE, WITH_STRIPS } from './system';

/** Where practitioners disagree: the way chosen for this job. */
export const schools = {
  compressorLockout: choiceFact({
    label: 'Compressor with electric strips',
    place: 'desk',
    options: [
      { value: 'unit-limit', label: 'Runs to the unit’s own limit' },
      { value: 'fixed', label: 'Locked out below a temperature' },
    ],
    assumed: 'unit-limit',
    onlyWhen: WITH_STRIPS,
    why: 'Above COP 1 the compressor is always the cheaper of the two. The other way spares it the deep cold.',
  }),
  fixedCompressorBelowF: numberFact({
    label: 'That temperature',
    place: 'desk',
    unit: '°F',
    min: -20,
    max: 60,
    assumed: 30,
    onlyWhen: { path: 'schools.compressorLockout', is: ['fixed'] },
  }),
  changeover: choiceFact({
    label: 'Furnace takes over',
    place: 'desk',
    options: [
      { value: 'economic', label: 'Where its heat is cheaper' },
      { value: 'thermal', label: 'Where the heat pump runs short' },
      { value: 'fixed', label: 'At a fixed temperature' },
      { value: 'staging', label: 'By staging alone' },
    ],
    assumed: 'economic',
    onlyWhen: WITH_FURNACE,
    why: 'Each is done; the balances are worked out for this house.',
  }),
  changeoverF: numberFact({
    label: 'Fixed changeover at',
    place: 'desk',
    unit: '°F',
    min: -20,
    max: 60,
    assumed: 35,
    onlyWhen: { path: 'schools.changeover', is: ['fixed'] },
  }),
  auxLockout: choiceFact({
    label: 'Backup in mild weather',
    place: 'desk',
    options: [
      { value: 'none', label: 'No lockout' },
      { value: 'balance', label: 'Locked out above the balance' },
      { value: 'code', label: 'Locked out as code or utility asks' },
    ],
    assumed: 'none',
    why: 'Utility programs and energy codes often ask for 40 to 50 °F. Emergency heat is never held by it.',
  }),
  codeAuxAboveF: numberFact({
    label: 'Code or utility asks for',
    place: 'desk',
    unit: '°F',
    min: 20,
    max: 65,
    assumed: 40,
    onlyWhen: { path: 'schools.auxLockout', is: ['code'] },
  }),
  auxWithHeatPump: choiceFact({
    label: 'Strips beside the compressor',
    place: 'desk',
    options: [
      { value: 'helps', label: 'Help it catch up' },
      { value: 'emergency-only', label: 'Emergency only' },
    ],
    assumed: 'helps',
    onlyWhen: WITH_STRIPS,
    why: 'Emergency only wants a heat pump that carries the house at design.',
  }),
  droop: choiceFact({
    label: 'Backup comes',
    place: 'desk',
    options: [
      { value: 'talk', label: 'As the house wants it' },
      { value: 'comfort', label: 'Early, for comfort' },
      { value: 'degrees', label: `After ${apartF(3)}` },
      { value: 'time', label: 'After a time' },
    ],
    assumed: 'talk',
    why: 'Early holds the room; late leaves the work to the compressor.',
  }),
  tempering: choiceFact({
    label: 'Strips in defrost',
    place: 'desk',
    options: [
      { value: 'on', label: 'On: no cold air' },
      { value: 'off', label: 'Off: a few cold minutes' },
    ],
    assumed: 'on',
    onlyWhen: WITH_STRIPS,
  }),
  minimumOff: choiceFact({
    label: 'Compressor minimum off',
    place: 'desk',
    options: [
      { value: 5, label: '5 min' },
      { value: 2, label: '2 min' },
    ],
    assumed: 5,
    why: 'Five minutes is the usual factory setting. Two only where pressures were seen to equalize; never less.',
  }),
  dampCold: flagFact({
    label: 'Damp cold winters',
    place: 'desk',
    assumed: false,
    why: 'Fog, wet snow and weeks near 35 °F grow frost fast; dry cold does not.',
  }),
};
