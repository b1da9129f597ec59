import { choiceFact, numberFact, numbersFact, optionalNumberFact, textFact } from '../fact';

const airflow = (label: string, assumed: number, why?: string) =>
  numberFact({ label, place: 'closet', unit: 'CFM', min: 200, max: 3000, step: 25, assumed, ...(why ? { why } : {}) });

export const airHandler = {
  name: textFact({ label: 'Indoor unit', place: 'closet' }),
  serial: textFact({ label: 'Serial number', place: 'closet', maxLength: 60 }),
  heatCfm: airflow('Airflow, heat pump heating', 1150, 'As the blower is set for each call: tap or switch position and the maker’s table.'),
  auxCfm: airflow('Airflow with strips', 1150),
  coolCfm: airflow('Airflow, cooling', 1150),
  fanCfm: airflow('Airflow, fan only', 800),
  blowerAmps: numberFact({
    label: 'Blower current',
    place: 'closet',
    unit: 'A',
    min: 0,
    max: 20,
    step: 0.1,
    assumed: 2.8,
    why: 'It is in the clamp too when the main feed is clamped.',
  }),
  wInputs: choiceFact({
    label: 'Heat inputs on the board',
    place: 'closet',
    options: [
      { value: 'W1', label: 'W1 only' },
      { value: 'W1+W2', label: 'W1, W2' },
      { value: 'W1+W2+W3', label: 'W1, W2, W3' },
    ],
    assumed: 'W1',
    why: 'W1 alone may bring only part of the kit. On a furnace: its stages.',
  }),
  maxStaticInWc: numberFact({
    label: 'Most external static pressure',
    place: 'closet',
    unit: 'in. w.c.',
    min: 0.1,
    max: 1.5,
    step: 0.05,
    assumed: 0.5,
    why: 'From the blower table on the door.',
  }),
  allowedKitsKW: numbersFact({
    label: 'Kits allowed',
    place: 'closet',
    unit: 'kW',
    min: 1,
    max: 40,
    step: 0.1,
    least: 0,
    most: 12,
    item: 'kit',
    assumed: [],
    why: 'From the air handler’s label. Left empty, the kit is not judged against it.',
  }),
  maxSupplyF: optionalNumberFact({
    label: 'Hottest supply air allowed',
    place: 'closet',
    unit: '°F',
    min: 90,
    max: 200,
    assumed: null,
    none: 'not read yet',
    why: 'From the air handler’s or the kit’s label.',
  }),
  transformerVA: numberFact({ label: 'Transformer', place: 'closet', unit: 'VA', min: 20, max: 100, step: 5, assumed: 40 }),
  fuseAmps: choiceFact({
    label: 'Board fuse',
    place: 'closet',
    options: [
      { value: 3, label: '3 A' },
      { value: 5, label: '5 A' },
    ],
    assumed: 3,
  }),
  blowerRelayVA: numberFact({ label: 'Blower relay or input', place: 'closet', unit: 'VA', min: 0.1, max: 15, step: 0.1, assumed: 3 }),
};
