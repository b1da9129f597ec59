import { OUTDOOR_POWER, THERMOSTAT_POWER } from '../../devices/ids';
import { type ObservableKind, word } from './definition';

/** A control's display: on or blank. */
export const display: ObservableKind<'display'> = {
  key: ({ of }, place) => `${place}/display-${of}`,
  read: ({ model, state, given }, { of }) => {
    const { power } = model.facts.thermostat;
    const isBattery = of === 'thermostat' && power === 'battery' && !given.ails?.isBatteryFlat;
    const coil = of === 'thermostat' ? THERMOSTAT_POWER : OUTDOOR_POWER;
    return word(isBattery || state.energized.has(coil), 'alive', 'blank');
  },
};
