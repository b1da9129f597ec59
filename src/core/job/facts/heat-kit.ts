import { choiceFact, flagFact, numberFact, numbersFact, optionalNumberFact, tableFact, textFact } from '../fact';

/** One element of a kit: its power, the bank it belongs to, and how long its switch takes to close and to open. */
export interface ElementRow {
  readonly kW: number;
  readonly bank: number;
  /** Seconds from the bank's call until its switch closes. */
  readonly onS: number;
  /** Seconds from the end of the call until its switch opens. */
  readonly offS: number;
}

export const heatKit = {
  name: textFact({ label: 'Heat kit', place: 'closet' }),
  plateKW: optionalNumberFact({
    label: 'Power on the plate',
    place: 'closet',
    unit: 'kW',
    min: 1,
    max: 40,
    step: 0.1,
    assumed: null,
    none: 'not read yet',
    why: 'The whole kit at its rated volts. It should be all elements together.',
  }),
  ratedVolts: choiceFact({
    label: 'Rated volts',
    place: 'closet',
    options: [208, 230, 240].map((volts) => ({ value: volts, label: `${volts} V` })),
    assumed: 240,
    why: 'The volts that the plate’s kW belong to.',
  }),
  serviceVolts: choiceFact({
    label: 'Service',
    place: 'closet',
    options: [208, 230, 240].map((volts) => ({ value: volts, label: `${volts} V` })),
    assumed: 240,
    why: 'Single phase, leg to leg.',
  }),
  elements: tableFact<ElementRow>({
    label: 'Elements',
    place: 'closet',
    item: 'element',
    columns: {
      kW: {
        label: 'Power',
        unit: 'kW',
        min: 0.5,
        max: 24,
        step: 0.1,
        maxWhy: 'No standard breaker carries a larger element.',
      },
      bank: { label: 'Bank', unit: '', min: 1, max: 3, step: 1 },
      onS: { label: 'On after', unit: 's on', min: 0, max: 300, step: 5 },
      offS: { label: 'Off after', unit: 's off', min: 0, max: 300, step: 5 },
    },
    least: 0,
    most: 6,
    newRow: { kW: 4.8, bank: 1, onS: 20, offS: 40 },
    assumed: [
      { kW: 4.8, bank: 1, onS: 20, offS: 60 },
      { kW: 4.8, bank: 1, onS: 45, offS: 35 },
    ],
    why: 'In the order they are fed, first circuit first. Bank 1 comes with W1, bank 2 with W2, bank 3 with W3. In a chain each sequencer waits for the one before: count from the call.',
  }),
  switching: choiceFact({
    label: 'Switched by',
    place: 'closet',
    options: [
      { value: 'sequencer', label: 'Sequencers' },
      { value: 'relay', label: 'Relays' },
      { value: 'contactor', label: 'Contactor' },
    ],
    assumed: 'sequencer',
    why: 'A sequencer takes its time, a relay or contactor does not.',
  }),
  hasLinks: flagFact({
    label: 'One-time links fitted',
    place: 'closet',
    assumed: true,
    why: 'A link opens for good when the limit has failed or the air has.',
  }),
  hasInterlock: flagFact({
    label: 'Blower interlock on the first switch',
    place: 'closet',
    assumed: true,
    why: 'The blower runs whenever the first element does, whatever G says.',
  }),
  sequencerVA: numberFact({
    label: 'Coil of each switch',
    place: 'closet',
    unit: 'VA',
    min: 1,
    max: 15,
    step: 0.5,
    assumed: 5,
  }),
  breakersAmps: numbersFact({
    label: 'Breakers found',
    place: 'closet',
    unit: 'A',
    min: 10,
    max: 200,
    step: 5,
    least: 0,
    most: 6,
    item: 'breaker',
    assumed: [60],
    why: 'In the order of the circuits. Each is a supply to open, lock and prove dead.',
  }),
  conductorsAwg: numbersFact({
    label: 'Conductors found',
    place: 'closet',
    unit: 'AWG',
    min: 1,
    max: 14,
    step: 1,
    least: 0,
    most: 6,
    item: 'conductor',
    assumed: [],
    why: 'In the order of the circuits. Left empty, they are not judged.',
  }),
  conductorMetal: choiceFact({
    label: 'Conductor metal',
    place: 'closet',
    options: [
      { value: 'copper', label: 'Copper' },
      { value: 'aluminum', label: 'Aluminum' },
    ],
    assumed: 'copper',
  }),
  conductorType: choiceFact({
    label: 'Conductor type',
    place: 'closet',
    options: [
      { value: 'unknown', label: 'Not read yet' },
      { value: 'nm-b', label: 'NM-B cable' },
      { value: 'building-wire', label: 'THHN, THWN-2, SE or other 75 °C and up' },
    ],
    assumed: 'unknown',
    why: 'On the jacket. NM-B is held to its 60 °C ampacity whatever the terminals (NEC 334.80).',
  }),
  terminalsC: choiceFact({
    label: 'Terminals marked for',
    place: 'closet',
    options: [
      { value: 'unknown', label: 'Not read yet' },
      { value: '60', label: '60 °C' },
      { value: '75', label: '75 °C at both ends' },
    ],
    assumed: 'unknown',
    onlyWhen: { path: 'heatKit.conductorType', is: ['building-wire'] },
    why: 'At the breaker and at the kit. The 75 °C column is allowed only where both say so (NEC 110.14(C)).',
  }),
  blowerOnFirstCircuit: flagFact({
    label: 'Blower fed by the kit’s first circuit',
    place: 'closet',
    assumed: true,
    why: 'Otherwise the air handler has a second supply of its own.',
  }),
  minCfm: numberFact({
    label: 'Least airflow for the kit',
    place: 'closet',
    unit: 'CFM',
    min: 100,
    max: 3000,
    step: 25,
    assumed: 800,
    why: 'From the kit’s label: strips at or above it only.',
  }),
};
