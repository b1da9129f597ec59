import type { ThermostatFunction } from '../wiring/thermostat-functions';
import type { OldKind } from './letters';

/** Calls of an old thermostat for metering its terminals, gentlest first. */
export const OLD_CALLS = {
  off: { label: 'Off', set: 'Set the thermostat to Off.' },
  fan: { label: 'Fan', set: 'Set the fan to on, the system to off.' },
  heat: { label: 'Heat', set: 'Set it to heat, a degree or two above the room.' },
  cool: { label: 'Cool', set: 'Set it to cool, a few degrees below the room.' },
  backup: {
    label: 'Heat, turned all the way up',
    set: 'Set it to Heat, turned all the way up, until backup heat comes on.',
  },
  emergency: { label: 'Emergency heat', set: 'Set it to emergency heat, above the room.' },
} as const;

export type OldCall = keyof typeof OLD_CALLS;

export const OLD_CALL_IDS = Object.keys(OLD_CALLS) as OldCall[];

export const isOldCall = (text: string): text is OldCall => Object.hasOwn(OLD_CALLS, text);

/** Probability of being hot in each call; a call not listed is 0.5, because thermostats differ. */
type Hot = Partial<Record<OldCall, number>>;

const ALWAYS: Hot = { off: 1, fan: 1, heat: 1, cool: 1, backup: 1, emergency: 1 };
const NEVER: Hot = { off: 0, fan: 0, heat: 0, cool: 0, backup: 0, emergency: 0 };

const HEAT_PUMP: Record<ThermostatFunction, Hot> = {
  hot: ALWAYS,
  'hot-cooling': ALWAYS,
  'hot-heating': ALWAYS,
  common: NEVER,
  compressor: { off: 0, fan: 0, heat: 1, cool: 1, emergency: 0.05 },
  'second-compressor': { off: 0, fan: 0, heat: 0.2, cool: 0.3, emergency: 0 },
  blower: { off: 0.05, fan: 1, heat: 0.95, cool: 1 },
  'valve-cooling': { heat: 0, cool: 1, backup: 0, emergency: 0.1 },
  'valve-heating': { heat: 1, cool: 0, backup: 0.9 },
  backup: { off: 0, fan: 0, heat: 0.05, cool: 0, backup: 1, emergency: 0.7 },
  'second-backup': { off: 0, fan: 0, heat: 0.05, cool: 0, backup: 0.7 },
  // Behind a jumper, or on an input that the auxiliary call feeds too, it is hot with it.
  emergency: { off: 0, fan: 0, heat: 0.05, cool: 0, emergency: 1 },
  lamp: { off: 0.1, fan: 0.1, heat: 0.1, cool: 0.1, backup: 0.1, emergency: 0.1 },
  'sensor-1': NEVER,
  'sensor-2': NEVER,
  spare: NEVER,
};

const CONVENTIONAL: Record<ThermostatFunction, Hot> = {
  ...HEAT_PUMP,
  compressor: { off: 0, fan: 0, heat: 0, cool: 1, backup: 0, emergency: 0 },
  blower: { off: 0.05, fan: 1, cool: 1 },
  backup: { off: 0, fan: 0, heat: 1, cool: 0, backup: 1, emergency: 1 },
  'second-backup': { off: 0, fan: 0, heat: 0.2, cool: 0, backup: 0.9 },
};

/** Whether a function has no load behind it for a meter to see R through. */
const isOpen = (does: ThermostatFunction) => does === 'spare' || does === 'sensor-1' || does === 'sensor-2';

/**
 * What a meter between the hot conductor and another shows: nothing between them, full voltage, or a floating
 * conductor.
 */
export type Seen = 'none' | 'whole' | 'between';

/** Volts that count as zero, and as full 24 V. */
const NONE_BELOW_VOLTS = 3;
const WHOLE_FROM_VOLTS = 18;

export const seenOf = (volts: number): Seen =>
  volts < NONE_BELOW_VOLTS ? 'none' : volts >= WHOLE_FROM_VOLTS ? 'whole' : 'between';

/** Chance that a reading was taken at the wrong screw or in another call. */
const TRUST = 0.985;

/** Likelihood of a meter reading if a conductor has a function; the meter is between it and the hot conductor. */
export const chanceOfSeen = (seen: Seen, does: ThermostatFunction, call: OldCall, kind: OldKind): number => {
  if (isOpen(does)) return { none: 0.45, between: 0.5, whole: 0.05 }[seen];
  const hot = (kind === 'heat-pump' ? HEAT_PUMP : CONVENTIONAL)[does][call] ?? 0.5;
  const chance = { none: hot, whole: 1 - hot, between: 0 }[seen];
  return TRUST * chance + (1 - TRUST) / 3;
};
