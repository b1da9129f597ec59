import { lockoutsInForce } from '../control/lockouts';
import { control } from '../control/thermostat';
import type { StartupContext } from './given';
import { type BuiltStep, outdoorFOf, stepMoment } from './step';

type Wait = Pick<BuiltStep, 'waitsFor'>;

/** Colder than this, cooling says nothing about a unit, °F. Our judgment: manufacturers' charts start about there. */
const LEAST_COOLING_F = 65;
/** Warmer than this, a heating run is short and says nothing about capacity, °F. Our judgment. */
const MOST_HEATING_F = 65;
/** Warmer than this, a coil does not get cold enough to close its switch, °F. Our judgment. */
const MOST_DEFROST_F = 50;

/** Weather for compressor heating: allowed to run, and cold enough. */
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

/** Weather for auxiliary heat: not locked out. */
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

/** Weather for a defrost: a cold coil. */
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

/** Weather for cooling air: warm outdoors. */
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
