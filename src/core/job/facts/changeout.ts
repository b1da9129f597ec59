import { choiceFact, optionalRecordsFact, recordsFact } from '../fact';

/** One conductor on the old subbase. */
export interface OldConductorRow {
  readonly colour: string;
  /** Letter of its terminal; empty if none. */
  readonly letter: string;
  /** Mark at the board at its other end; `spare` if coiled back; empty if not traced. */
  readonly board: string;
}

/** A jumper between two letters of the old subbase. */
export interface OldJumperRow {
  readonly one: string;
  readonly other: string;
}

/** One setting of the old thermostat, as displayed. */
export interface OldSettingRow {
  readonly name: string;
  readonly value: string;
}

/** A meter reading between the hot conductor and another, in a call of the old thermostat. */
export interface OldReadingRow {
  readonly colour: string;
  readonly call: string;
  /** Volts, as text. */
  readonly volts: string;
}

/** A part already on site, by its key on the truck list. */
export interface OnSiteRow {
  readonly key: string;
}

export const changeout = {
  oldSystem: choiceFact({
    label: 'The old thermostat controlled',
    place: 'wall',
    options: [
      { value: 'unknown', label: 'Not known' },
      { value: 'heat-only', label: 'Heat only: a furnace or a boiler' },
      { value: 'conventional', label: 'Cooling, and a furnace or strips' },
      { value: 'heat-pump', label: 'A heat pump with strips' },
      { value: 'dual-fuel', label: 'A heat pump with a furnace' },
    ],
    assumed: 'unknown',
    why: 'The same letter means something else on each.',
  }),
  subbase: optionalRecordsFact<OldConductorRow>({
    label: 'Old subbase',
    place: 'wall',
    item: 'conductor',
    columns: { colour: 20, letter: 8, board: 12 },
    most: 12,
    assumed: null,
    none: 'not written down',
    why: 'Write it down before you turn a screw. It is your way back.',
  }),
  jumpers: recordsFact<OldJumperRow>({
    label: 'Old thermostat jumpers',
    place: 'wall',
    item: 'jumper',
    columns: { one: 8, other: 8 },
    most: 8,
    assumed: [],
  }),
  settings: recordsFact<OldSettingRow>({
    label: 'Old thermostat settings',
    place: 'wall',
    item: 'setting',
    columns: { name: 60, value: 60 },
    most: 40,
    assumed: [],
  }),
  readings: recordsFact<OldReadingRow>({
    label: 'Meter readings',
    place: 'wall',
    item: 'reading',
    columns: { colour: 20, call: 20, volts: 8 },
    most: 60,
    assumed: [],
  }),
  onSite: recordsFact<OnSiteRow>({
    label: 'On site already',
    place: 'closet',
    item: 'part',
    columns: { key: 40 },
    most: 60,
    assumed: [],
    why: 'Removed from the truck list.',
  }),
};
