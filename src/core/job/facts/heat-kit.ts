import { choiceFact, flagFact, numberFact, numbersFact, tableFact, textFact } from '../fact';

export const heatKit = {
  name: textFact({ label: 'Heat kit', place: 'closet' }),
  ratedVolts: choiceFact({ label: 'Rated volts', place: 'closet', options: [208, 230, 240].map((volts) => ({ value: volts, label: `${volts} V` })), assumed: 240, why: 'The volts that the plate’s kW belong to.' }),
  serviceVolts: choiceFact({ label: 'Service', place: 'closet', options: [208, 240].map((volts) => ({ value: volts, label: `${volts} V` })), assumed: 240 }),
  elements: tableFact<{ kW: number; bank: number }>({
    label: 'Elements',
    place: 'closet',
    item: 'element',
    columns: {
      kW: { label: 'Power', unit: 'kW', min: 0.5, max: 10, step: 0.1 },
      bank: { label: 'Bank', unit: '', min: 1, max: 3, step: 1 },
    },
    least: 0,
    most: 6,
    newRow: { kW: 4.8, bank: 1 },
    assumed: [
      { kW: 4.8, bank: 1 },
      { kW: 4.8, bank: 1 },
    ],
    why: 'In the order they are fed, first circuit first. Bank 1 comes with W1, bank 2 with W2.',
  }),
  sequencerVA: numberFact({ label: 'Sequencer or relay coil', place: 'closet', unit: 'VA', min: 1, max: 15, step: 0.5, assumed: 5 }),
  sequencerSeconds: numberFact({ label: 'Longest sequencer delay', place: 'closet', unit: 's', min: 0, max: 180, step: 5, assumed: 60, why: 'An element that has not come in yet looks like a dead one.' }),
  breakersAmps: numbersFact({ label: 'Breakers found', place: 'closet', unit: 'A', min: 10, max: 200, step: 5, least: 0, most: 6, item: 'breaker', assumed: [60], why: 'In the order of the circuits. Each is a supply to open, lock and prove dead.' }),
  blowerOnFirstCircuit: flagFact({ label: 'Blower fed by the kit’s first circuit', place: 'closet', assumed: true, why: 'Otherwise the air handler has a second supply of its own.' }),
  minCfm: numberFact({ label: 'Least airflow for the kit', place: 'closet', unit: 'CFM', min: 100, max: 3000, step: 25, assumed: 800, why: 'From the kit’s label: strips at or above it only.' }),
};
