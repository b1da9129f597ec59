/** Conditions that stop the work: why, what to do now, whom to tell. The wording is the same on every page. */
export interface Stop {
  readonly title: string;
  readonly why: string;
  /** In working order. */
  readonly now: readonly string[];
  readonly tell: string;
}

const FUEL_OFF = 'Shut the furnace off at its switch and close its fuel valve. Do not leave it running.';
const VENTILATE = 'Open doors and windows.';
const TELL_FUEL =
  'Tell the homeowner, your crew lead and the fuel supplier. Headache, nausea or dizziness in the house: everyone out, call 911.';
const POWER_OFF = 'Open and lock out every supply of the unit. Do not leave it running.';
const TELL_OWNER = 'Tell the homeowner and your crew lead.';

/** All stops. */
export const STOPS = {
  co: {
    title: 'Carbon monoxide in the flue gas',
    why: 'A burner that makes this much carbon monoxide can kill through any leak.',
    now: [FUEL_OFF, VENTILATE, 'Burner, air supply and heat exchanger: a licensed tech, before it runs again.'],
    tell: TELL_FUEL,
  },
  'ambient-co': {
    title: 'Carbon monoxide in the room',
    why: 'People breathe it.',
    now: [
      'Everyone out of the house.',
      FUEL_OFF,
      VENTILATE,
      'Find every appliance that burns fuel, not this one only.',
    ],
    tell: TELL_FUEL,
  },
  smoke: {
    title: 'Smoke in the flue gas',
    why: 'Soot chokes the heat exchanger and the flue, and carbon monoxide follows.',
    now: [FUEL_OFF, 'Nozzle, air and draft: a licensed tech, before it runs again.'],
    tell: TELL_FUEL,
  },
  draft: {
    title: 'Draft is not what it must be',
    why: 'A fire without draft pushes its flue gas into the house.',
    now: [FUEL_OFF, VENTILATE, 'Flue, chimney and combustion air: a licensed tech, before it runs again.'],
    tell: TELL_FUEL,
  },
  overfired: {
    title: 'Over-fired',
    why: 'More fuel than the nameplate allows overheats the heat exchanger and makes carbon monoxide.',
    now: [FUEL_OFF, 'Nozzle, orifices and pressure against the nameplate: a licensed tech, before it runs again.'],
    tell: TELL_FUEL,
  },
  'gas-leak': {
    title: 'Gas leaks',
    why: 'One spark is enough.',
    now: ['Everyone out. Touch no switch.', 'Close the gas at the meter or the tank if it can be reached safely.'],
    tell: 'From outside: the gas supplier and 911. Then your crew lead.',
  },
  interlock: {
    title: 'Nothing keeps compressor and furnace from running together',
    why: 'With both on, the coil over the furnace drives the refrigerant pressure past its limits.',
    now: [POWER_OFF, 'Interlock: its coil, its contact and its place in Y, before either runs again.'],
    tell: TELL_OWNER,
  },
  limit: {
    title: 'A limit does not open',
    why: 'Without it nothing stops the heat when the air stops.',
    now: [POWER_OFF, 'Replace the limit with its like, and prove it, before it heats again. Never bypass it.'],
    tell: TELL_OWNER,
  },
  rollout: {
    title: 'The rollout switch has opened',
    why: 'Flame came out of the burner box: plugged flue, cracked heat exchanger, or too much fuel.',
    now: [FUEL_OFF, 'Find out why before any reset: a licensed tech.'],
    tell: TELL_FUEL,
  },
  'welded-contactor': {
    title: 'The contactor is welded in',
    why: 'The compressor runs without a call, and no control and no safety can stop it.',
    now: ['Pull the outdoor disconnect and lock it out.', 'Replace the contactor, and find out what made it chatter.'],
    tell: TELL_OWNER,
  },
  'welded-element': {
    title: 'Strips heat without a call',
    why: 'A welded switch heats without air when the blower stops.',
    now: ['Open and lock out every breaker of the heat kit.', 'Replace the switch before the kit is energized again.'],
    tell: TELL_OWNER,
  },
  'not-verified-dead': {
    title: 'A supply that was locked out is live',
    why: 'What was taken for dead is not: another supply feeds it, or the wrong one was opened.',
    now: ['Hands out.', 'Find the supply that feeds it, open it, lock it out, and verify dead before hands go in.'],
    tell: TELL_OWNER,
  },
  'control-overvoltage': {
    title: 'More than 30 V on a control conductor',
    why: 'Line voltage, crossed circuits, or two transformers joined out of phase (about 50 V).',
    now: [
      'Hands out. Touch no control conductor with bare hands.',
      'Recheck with the meter on low impedance before you name a cause.',
      'Open, lock out and verify dead every supply before you trace it.',
    ],
    tell: TELL_OWNER,
  },
} as const satisfies Record<string, Stop>;

export type StopId = keyof typeof STOPS;

/** The only thing that clears a stop. */
export const CLEARED_BY = 'Only a passing reading, taken again after the repair, lifts this.';

/** What to do now about a stop, as one text. */
export const stopWords = (id: StopId): string => {
  const { title, why, now, tell } = STOPS[id];
  return `Stop work. ${title}. ${why} ${now.join(' ')} ${tell}`;
};
