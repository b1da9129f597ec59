import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { observationKey } from '../../model/observation-key';
import { DEAD_VOLTS } from '../../units/control-volts';
import { apartF } from '../../units/degrees';
import { roundTo } from '../../units/round';
import { returnItem, supplyItem } from '../air-items';
import { airflowsOf } from '../airflows';
import { expectBetween, expectUpTo } from '../expect';
import { numberRead, type StartupContext } from '../given';
import { recorded } from '../recorded';
import { staticHow, staticItems } from '../static-item';
import type { Item, StartupStep } from '../step';
import { terminalItems } from '../terminal-items';
import { tick, verifiedTick } from '../tick';
import { fanAfterItem } from '../timed';
import { minOffWait, STEADY_FIRE } from '../waits';

/** Tolerance of a bimetal limit, °F. Our judgment. */
const LIMIT_TOLERANCE_F = 8;

/** Supply air by the nameplate's range of rise, if typed: it overrides the calculated one. */
const supply = (context: StartupContext): Item => {
  const { facts } = context;
  const { riseFromF, riseToF } = facts.proof;
  const item = supplyItem(context, 'emergency');
  const returnF = numberRead(
    context,
    observationKey(facts, { call: 'emergency', observable: { kind: 'temperature', at: 'return' } }),
  );
  if (riseFromF === null || riseToF === null || returnF === undefined) return item;
  const range = apartF(`${riseFromF} to ${riseToF}`);
  return {
    ...item,
    expect: () => ({
      ...expectBetween(
        returnF + riseFromF,
        returnF + riseToF,
        '°F',
        `Return ${returnF} °F + nameplate rise of ${range}`,
      ),
      tolerance: `a rise of ${range}`,
    }),
    explain: (value, grade) => {
      if (typeof value !== 'number') return null;
      const means = `A rise of ${apartF(roundTo(value - returnF, 1))}`;
      if (grade === 'pass') return { means: `${means}: within nameplate range.` };
      return value > returnF + riseToF
        ? {
            means: `${means} is above nameplate: low airflow, or overfired.`,
            next: 'Static pressure, filter, blower setting; then the input, by a licensed tech.',
          }
        : {
            means: `${means} is below nameplate: too much airflow, or underfired. The heat exchanger may sweat and rust.`,
            next: 'Blower setting; then the input, by a licensed tech.',
          };
    },
  };
};

const BOTH_RAN = { word: 'both-ran', label: 'It ran', means: 'The compressor ran together with the furnace.' } as const;

/** Amps above which a compressor runs. Our judgment: a clamp’s zero. */
const STANDS_AMPS = 0.5;

/** In a packaged unit the interlock is behind the terminal, which stays hot: check at the compressor. */
const heldInside: Item = {
  id: 'interlock-amps',
  label: 'Compressor amps with Y jumpered hot at the thermostat and the furnace called',
  unit: 'A',
  stops: 'interlock',
  expect: () =>
    expectUpTo(
      STANDS_AMPS,
      'A',
      'The unit’s own interlock is inside: Y–C at its terminal stays hot, the compressor stays off',
    ),
  explain: (_, grade) => (grade === 'pass' ? null : { means: 'The compressor runs together with the furnace.' }),
};

/**
 * The interlock proved by readings: Y hot at the thermostat and dead outdoors, and the air temperature at which it
 * releases.
 */
const interlock = ({ furnace, system }: Facts): Item[] => {
  const staysOff = (label: string) => verifiedTick('compressor-stays-off', label, 'interlock', BOTH_RAN);
  if (furnace.interlock === 'none') return [staysOff('Compressor off while the furnace runs')];
  const held: Item = {
    id: 'interlock-volts',
    label: 'Outdoor unit Y–C with Y jumpered hot at the thermostat and the furnace called',
    unit: 'V',
    stops: 'interlock',
    isControlVolts: true,
    expect: () => expectUpTo(DEAD_VOLTS, 'V', 'The interlock opens Y while the furnace is called'),
    explain: (_, grade) =>
      grade === 'pass'
        ? null
        : {
            means: 'Y reaches the outdoor unit while the furnace is called.',
            next: 'Check the relay: coil voltage, contact, and that it is in series in Y. Never run both.',
          },
  };
  const limit = (id: string, label: string, atF: number, sum: string): Item => ({
    id,
    label,
    unit: '°F',
    isSafety: true,
    expect: () => expectBetween(atF - LIMIT_TOLERANCE_F, atF + LIMIT_TOLERANCE_F, '°F', sum),
    explain: (_, grade) =>
      grade === 'pass'
        ? null
        : {
            means: 'Not at its setting.',
            next: 'Check bulb location, then the limit. Set per the manufacturer.',
          },
  });
  const { supplyAirLimitF, supplyAirDifferentialF } = furnace;
  return [
    system.cabinet === 'packaged' ? heldInside : held,
    ...(furnace.interlock === 'kit'
      ? [
          limit(
            'air-opens',
            'Air temperature at the coil when the limit opens Y',
            supplyAirLimitF,
            `Set to ${supplyAirLimitF} °F`,
          ),
          limit(
            'air-back',
            'Air temperature at the coil when Y closes again',
            supplyAirLimitF - supplyAirDifferentialF,
            `${supplyAirLimitF} °F less ${apartF(supplyAirDifferentialF)}`,
          ),
        ]
      : []),
    recorded(
      'cool-down-min',
      'Time from furnace off to Y on',
      'min',
      'Until the coil cools, plus no more than the minimum off time.',
    ),
    staysOff('Compressor off while the furnace runs, back when the coil has cooled'),
  ];
};

const lowGas = ({ furnace }: Facts): Item[] =>
  furnace.fuel === 'propane' && furnace.lowGasSwitch
    ? [
        tick('low-gas', 'Low-gas switch: close the gas cock: burner stops and does not retry. Open it: it resets'),
        tick(
          'low-gas-circuit',
          'Low-gas switch wired in the inducer pressure-switch circuit, not the flame-sensor circuit',
        ),
      ]
    : [];

export const furnaceStep: StartupStep = {
  id: 'furnace',
  title: 'Furnace only (instead of the compressor)',
  why: 'It must heat the house with the outdoor unit dead, and must never run with it.',
  applies: ({ system }) => backupOf({ system }) === 'fossil',
  build: (context) => {
    const { facts } = context;
    const { interlock: kind } = facts.furnace;
    return {
      cautions: ['fuel', 'live-measuring', 'never-defeat', 'moving-blades'],
      how: [
        'Licensed for fuel work: leak-check first, vent and combustion air open, carbon-monoxide alarm in the house.',
        'Thermostat: emergency heat. The outdoor unit must stop and stay off.',
        ...(kind === 'none'
          ? []
          : ['To test the interlock, jumper R to Y at the thermostat; remove the jumper afterward.']),
        'Temperatures after ten minutes of full fire, out of sight of the burner.',
        ...staticHow(facts, 'emergency'),
      ],
      call: 'emergency',
      airflows: airflowsOf(context),
      waits: [STEADY_FIRE, minOffWait(facts)],
      limits: ['proof.fuelWork', 'proof.riseFromF', 'proof.riseToF', 'proof.blowerTable'],
      items: [
        ...terminalItems(context, 'emergency', ['air-handler-W1', 'air-handler-W2', 'outdoor-unit-Y']).map((item) =>
          item.id === 'volts-outdoor-unit-Y' ? { ...item, stops: 'interlock' as const } : item,
        ),
        ...interlock(facts),
        ...lowGas(facts),
        returnItem(facts, 'emergency'),
        supply(context),
        ...staticItems(context, 'emergency'),
        fanAfterItem(facts),
      ],
    };
  },
};
