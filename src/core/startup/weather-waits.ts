import { lockoutsInForce } from '../control/lockouts';
import { control } from '../control/thermostat';
import type { StartupContext } from './given';
import { type BuiltStep, outdoorFOf, stepMoment } from './step';

type Wait = Pick<BuiltStep, 'waitsFor'>;

/** Below this outdoors cooling says nothing of a unit, °F. Our judgment: manufacturers' charts begin about there. */
const LEAST_COOLING_F = 65;
/** Above this outdoors a heating run is short and says nothing of capacity, °F. Our judgment. */
const MOST_HEATING_F = 65;
/** Above this outdoors a coil does not get cold enough for its switch to close, °F. Our judgment. */
const MOST_DEFROST_F = 50;

/** What heating by the compressor waits for: to be let run, or air that is cold enough to say something. */
export const heatingWait = (context: StartupContext): Wait => {
  const { facts } = context;
  const held = control(facts, stepMoment(context, 'heat-1')).lockedOut.find(({ source }) => source === 'compressor');
  const fromF = Math.max(
    lockoutsInForce(facts).compressorBelowF ?? -Infinity,
    facts.outdoorUnit.minOutdoorF ?? -Infinity,
  );
  if (held && Number.isFinite(fromF)) return { waitsFor: { weather: 'warmer', atF: fromF, why: held.why } };
  return outdoorFOf(context) > MOST_HEATING_F
    ? {
        waitsFor: {
          weather: 'colder',
          atF: MOST_HEATING_F,
          why: 'In warm weather a heating run is short: you can read terminals and amps, not capacity.',
        },
      }
    : {};
};

/** What auxiliary heat waits for: an outdoor temperature at which nothing holds it. */
export const auxiliaryWait = (context: StartupContext): Wait => {
  const { facts } = context;
  const { auxAboveF } = lockoutsInForce(facts);
  const dials = facts.gates.outdoorThermostats.map(({ closesBelowF }) => closesBelowF);
  const gates = [...(auxAboveF === null ? [] : [auxAboveF]), ...dials];
  const toF = Math.min(...gates);
  return gates.length > 0 && outdoorFOf(context) > toF
    ? {
        waitsFor: {
          weather: 'colder',
          atF: toF,
          why: `At ${outdoorFOf(context)} °F outside, AUX heat (or one bank) is locked out.`,
        },
      }
    : {};
};

/** What a defrost waits for: a coil that gets cold. */
export const defrostWait = (context: StartupContext): Wait =>
  outdoorFOf(context) > MOST_DEFROST_F
    ? {
        waitsFor: {
          weather: 'colder',
          atF: MOST_DEFROST_F,
          why: 'In warm weather the coil stays warm: you can force a defrost only if the board label says how.',
        },
      }
    : {};

/** What cooling air waits for: warmth outdoors. */
export const coolingWait = (context: StartupContext): Wait =>
  outdoorFOf(context) < LEAST_COOLING_F
    ? {
        waitsFor: {
          weather: 'warmer',
          atF: LEAST_COOLING_F,
          why: 'In cold weather a cooling run checks the reversing valve, but not amps, split or charge.',
        },
      }
    : {};
