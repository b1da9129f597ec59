import { choiceFact, flagFact, numberFact, numbersFact, optionalNumberFact, tableFact, textFact } from '../fact';

/** One element of a kit: power, bank, and switch delays. */
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
    why: 'The whole kit at rated voltage. It should equal all elements added up.',
  }),
  ratedVolts: choiceFact({
    label: 'Rated volts',
    place: 'closet',
    options: [208, 230, 240].map((volts) => ({ value: volts, label: `${volts} V` })),
    assumed: 240,
    why: 'The voltage at which the plate gives its kW.',
  }),
  serviceVolts: choiceFact({
    label: 'Service voltage',
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
        maxWhy: 'Larger than any standard breaker can carry.',
      },
      bank: { label: 'Bank', unit: '', min: 1, max: 3, step: 1 },
      onS: { label: 'Closes after', unit: 's', min: 0, max: 300, step: 5 },
      offS: { label: 'Opens after', unit: 's', min: 0, max: 300, step: 5 },
    },
    least: 0,
    most: 6,
    newRow: { kW: 4.8, bank: 1, onS: 20, offS: 40 },
    assumed: [
      { kW: 4.8, bank: 1, onS: 20, offS: 60 },
      { kW: 4.8, bank: 1, onS: 45, offS: 35 },
    ],
    why: 'List them in feed order, circuit 1 first. W1 energizes bank 1, W2 bank 2, W3 bank 3. With chained sequencers, count each delay from the call.',
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
    why: 'A sequencer has a delay; a relay or contactor does not.',
  }),
  hasLinks: flagFact({
    label: 'Fusible links (one-time) fitted',
    place: 'closet',
    assumed: true,
    why: 'A link opens permanently when the limit fails or airflow is lost.',
  }),
  hasInterlock: flagFact({
    label: 'Blower interlock on the first sequencer',
    place: 'closet',
    assumed: true,
    why: 'The blower runs whenever the first element is on, with or without G.',
  }),
  sequencerVA: numberFact({
    label: 'Sequencer or relay coil, each',
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
    why: 'In circuit order. Lock out and verify each one dead.',
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
    why: 'In circuit order. Leave blank to skip this check.',
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
    why: 'If not, the air handler has a second power feed.',
  }),
  minCfm: numberFact({
    label: 'Minimum airflow for the kit',
    place: 'closet',
    unit: 'CFM',
    min: 100,
    max: 3000,
    step: 25,
    assumed: 800,
    why: 'From the kit label. Never run strips below it.',
  }),
};
