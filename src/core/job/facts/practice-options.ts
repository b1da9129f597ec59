import { apartF } from '../../units/degrees';
import { choiceFact, flagFact, numberFact } from '../fact';
import { WITH_FURNACE, WITH_STRIPS } from './system';

/** Methods where techs disagree, chosen for this job. */
export const practiceOptions = {
  compressorLockout: choiceFact({
    label: 'Compressor with electric strips',
    place: 'desk',
    options: [
      { value: 'unit-limit', label: 'Runs down to its low-temperature cutoff' },
      { value: 'fixed', label: 'Locked out below a temperature' },
    ],
    assumed: 'unit-limit',
    onlyWhen: WITH_STRIPS,
    why: 'Above COP 1 the compressor is always cheaper. Locking it out spares it the deep cold.',
  }),
  fixedCompressorBelowF: numberFact({
    label: 'Lockout temperature',
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
      { value: 'economic', label: 'At the economic balance point (furnace heat cheaper)' },
      { value: 'thermal', label: 'At the thermal balance point (heat pump falls short)' },
      { value: 'fixed', label: 'At a fixed temperature' },
      { value: 'staging', label: 'By thermostat staging only' },
    ],
    assumed: 'economic',
    onlyWhen: WITH_FURNACE,
    why: 'All four are common. Both balance points are calculated for this house.',
  }),
  changeoverF: numberFact({
    label: 'Changeover temperature',
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
      { value: 'code', label: 'Locked out per code or utility' },
    ],
    assumed: 'none',
    why: 'Utility programs and energy codes often call for 40 to 50 °F. It never locks out emergency heat.',
  }),
  codeAuxAboveF: numberFact({
    label: 'Code or utility lockout temperature',
    place: 'desk',
    unit: '°F',
    min: 20,
    max: 65,
    assumed: 40,
    onlyWhen: { path: 'schools.auxLockout', is: ['code'] },
  }),
  auxWithHeatPump: choiceFact({
    label: 'Strips with the compressor',
    place: 'desk',
    options: [
      { value: 'helps', label: 'Help it catch up' },
      { value: 'emergency-only', label: 'Emergency only' },
    ],
    assumed: 'helps',
    onlyWhen: WITH_STRIPS,
    why: '“Emergency only” works only if the heat pump carries the house at design.',
  }),
  droop: choiceFact({
    label: 'Backup comes on',
    place: 'desk',
    options: [
      { value: 'talk', label: 'Per the homeowner’s answers' },
      { value: 'comfort', label: 'Early, for comfort' },
      { value: 'degrees', label: `After ${apartF(3)}` },
      { value: 'time', label: 'After a time' },
    ],
    assumed: 'talk',
    why: 'Early holds room temperature; late lets the compressor do the work.',
  }),
  tempering: choiceFact({
    label: 'Strips in defrost',
    place: 'desk',
    options: [
      { value: 'on', label: 'On: no cold air' },
      { value: 'off', label: 'Off: a few minutes of cool air' },
    ],
    assumed: 'on',
    onlyWhen: WITH_STRIPS,
  }),
  minimumOff: choiceFact({
    label: 'Compressor minimum off time',
    place: 'desk',
    options: [
      { value: 5, label: '5 min' },
      { value: 2, label: '2 min' },
    ],
    assumed: 5,
    why: 'Five minutes is the usual factory setting. Use two only after you have watched the pressures equalize; never less.',
  }),
  dampCold: flagFact({
    label: 'Damp cold winters',
    place: 'desk',
    assumed: false,
    why: 'Fog, wet snow and weeks near 35 °F build frost fast; dry cold does not.',
  }),
};
