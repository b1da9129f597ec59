import type { CallId } from '../control/moment';
import type { Observation } from '../model/observable';
import { predict } from '../model/predict';
import { roundTo } from '../units/round';
import { expectUpTo } from './expect';
import type { StartupContext } from './given';
import { type Item, stepMoment } from './step';

/** Minimum share of nameplate amps of a running motor. Our judgment. */
const IDLE_SHARE = 0.3;
/** An inverter at minimum speed draws this share of nameplate amps. Our judgment. */
const SLOWEST_SHARE = 0.1;
/** Stray reading of a clamp next to other conductors, A. Our judgment. */
const NO_AMPS = 0.3;

const MOTORS = {
  compressor: { label: 'Compressor', fact: 'outdoorUnit.compressorRatedAmps', plate: 'compressorRatedAmps' },
  fan: { label: 'Outdoor fan', fact: 'outdoorUnit.fanRatedAmps', plate: 'fanRatedAmps' },
} as const;

const meaning = (value: number, rated: number) => {
  if (value < rated * 0.05)
    return {
      means: 'It is not running.',
      next: 'Contactor pulled in? Line voltage on its load side? Then, power off: capacitor, windings.',
    };
  return value > rated
    ? { means: 'Above nameplate.', next: 'Check line voltage under load, capacitor, clean coil and fan.' }
    : {
        means: 'Less than a loaded motor draws.',
        next: 'Only one conductor in the clamp? Then charge and valves (EPA-certified tech only).',
      };
};

const RUNS_UNCALLED = {
  means: 'It is running when it should be off.',
  next: 'Check volts at Y; then the contactor: one welded closed runs with no call.',
};

/** Expected amps of an outdoor motor in a call, against its nameplate; none if it is off by plan. */
export const motorAmpsItem = (context: StartupContext, call: CallId, motor: keyof typeof MOTORS): Item => {
  const { facts, model, bench } = context;
  const { label, fact, plate } = MOTORS[motor];
  const rated = facts.outdoorUnit[plate];
  const of: Observation = { call, observable: { kind: 'motor-amps', of: motor } };
  const prediction = predict(model, bench, stepMoment(context, call), of);
  const item = { id: `${motor}-amps`, of, label, unit: 'A' } as const;
  if (prediction.kind === 'number' && prediction.value === 0)
    return {
      ...item,
      expect: () => expectUpTo(NO_AMPS, 'A', 'Should be off in this call'),
      explain: (_, grade) => (grade === 'pass' ? null : RUNS_UNCALLED),
    };
  const least = facts.outdoorUnit.stages === 'inverter' ? SLOWEST_SHARE : IDLE_SHARE;
  return {
    ...item,
    expect: () =>
      rated === null
        ? { kind: 'needs', what: 'nameplate amps, on the Survey', fact }
        : expectUpTo(rated, 'A', `Plate: ${rated} A`, roundTo(rated * least, 1)),
    explain: (value, grade) =>
      rated === null || grade === 'pass' || typeof value !== 'number' ? null : meaning(value, rated),
  };
};
