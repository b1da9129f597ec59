import { recordsFact, textFact } from '../fact';

/** A setting that deviates from its calculated value, and why. The value is text, as `setup/value` writes it. */
export interface OverrideRow {
  readonly setting: string;
  readonly value: string;
  readonly reason: string;
}

const profileOf = (label: string, place: 'wall' | 'closet' | 'yard') =>
  textFact({
    label,
    place,
    maxLength: 60,
    why: 'Id of the controller profile in the Library; empty where none is chosen.',
  });

export const setup = {
  thermostatProfile: profileOf('Profile of the thermostat', 'wall'),
  indoorProfile: profileOf('Profile of the indoor board', 'closet'),
  outdoorProfile: profileOf('Profile of the outdoor board', 'yard'),
  overrides: recordsFact<OverrideRow>({
    label: 'Settings overridden',
    place: 'desk',
    item: 'setting',
    columns: { setting: 40, value: 60, reason: 400 },
    most: 80,
    assumed: [],
    why: 'Each has a reason; the calculated value is shown next to it on Setup.',
  }),
};
