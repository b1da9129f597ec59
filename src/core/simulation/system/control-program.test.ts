import { demandAtRest, signalsOf, stepDemand } from '../../control/in-time/demand';
import type { ControlProgram } from '../../control/in-time/program';
import type { Mode } from '../../control/in-time/signals';
import { type CallId, callsOf } from '../../control/moment';
import { NO_FAULTS } from '../../control/scenario';
import type { Signal } from '../../control/signal';
import { control } from '../../control/thermostat';
import { assumedFacts, type Facts, withFact } from '../../job/document';
import { resolveSettings } from '../../setup/resolve';
import { families } from '../../wiring/families';
import { controlProgram, sentSignals } from './control-program';

const SETPOINT_F = 70;

/** How far a call is held short of the setpoint, and for how long, so that it settles to what the call means. */
const held = (call: CallId, program: ControlProgram): { mode: Mode; shortF: number; forMin: number } | null => {
  const wait = program.minOffMin + 2;
  // Short of all waits: less than a quarter of the differential, and no longer than the compressor needs to start.
  const slightly = program.differentialF / 8;
  const deep = Math.max(program.auxOffF + 0.5, program.auxOnF ?? 0, program.stage2OnF ?? 0) + 1;
  const toSecond = wait + (program.upstageMin ?? 0) + 1;
  switch (call) {
    case 'off':
      return { mode: 'off', shortF: 5, forMin: wait };
    case 'heat-1':
      return { mode: 'heat', shortF: slightly, forMin: wait };
    case 'heat-2':
      if (program.upstageMin !== null) return { mode: 'heat', shortF: slightly, forMin: toSecond };
      return { mode: 'heat', shortF: program.stage2OnF ?? 1, forMin: wait };
    case 'heat-aux':
      if (program.backup === 'none' || (program.auxOnF === null && program.auxAfterMin === null)) return null;
      return { mode: 'heat', shortF: deep, forMin: toSecond + (program.auxAfterMin ?? 0) + 1 };
    case 'emergency':
      return { mode: 'emergency', shortF: 3, forMin: wait };
    case 'cool-1':
      return { mode: 'cool', shortF: slightly, forMin: wait };
    case 'cool-2':
      if (program.upstageMin !== null) return { mode: 'cool', shortF: slightly, forMin: toSecond };
      return { mode: 'cool', shortF: program.stage2OnF ?? 1, forMin: wait };
    case 'fan':
    case 'defrost':
      // The fan is next to the thermostat's logic, and a defrost is the board's.
      return null;
  }
};

const settled = (facts: Facts, program: ControlProgram, call: CallId, outdoorF: number): readonly Signal[] | null => {
  const path = held(call, program);
  if (path === null) return null;
  const sign = path.mode === 'cool' ? -1 : 1;
  let demand = demandAtRest(path.mode);
  for (let tick = 0; tick <= path.forMin; tick++) {
    // A call begins at half the differential, and is then held nearer.
    const shortF = tick === 0 ? Math.max(path.shortF, program.differentialF / 2) : path.shortF;
    const inputs = {
      mode: path.mode,
      setpoints: [{ fromMin: 0, setpointF: SETPOINT_F }],
      outdoorF,
      roomF: SETPOINT_F - sign * shortF,
      hasFault: false,
    };
    demand = stepDemand(demand, program, inputs, tick);
  }
  return [...sentSignals(facts, signalsOf(demand), path.mode !== 'cool')].sort();
};

/** What the thermostat sends in the steady answer; what moves by itself outdoors is not its own. */
const steady = (facts: Facts, call: CallId, outdoorF: number): readonly Signal[] =>
  [...control(facts, { outdoorF, indoorF: SETPOINT_F, call, scenario: NO_FAULTS }).signals]
    .filter((signal) => !signal.startsWith('outdoor-thermostat'))
    .sort();

/** Gates that hold in some weather and not in other. */
const gated = (facts: Facts): Facts => ({
  ...facts,
  gates: { ...facts.gates, compressorBelowF: 20, auxAboveF: 45 },
});

test('in every family, call and weather, a settled call sends what the moment gives', () => {
  const wrong: unknown[] = [];
  let compared = 0;
  for (const { id, facts: of } of families())
    for (const facts of [of, gated(of)]) {
      const program = controlProgram(facts, resolveSettings({ facts, confirmed: new Set() }));
      for (const call of callsOf(facts))
        for (const outdoorF of [5, 28, 55]) {
          const inTime = settled(facts, program, call, outdoorF);
          if (inTime === null) continue;
          compared++;
          const atOnce = steady(facts, call, outdoorF);
          if (JSON.stringify(inTime) !== JSON.stringify(atOnce)) wrong.push({ id, call, outdoorF, inTime, atOnce });
        }
    }
  expect(wrong.slice(0, 5)).toEqual([]);
  expect(compared).toBeGreaterThan(10_000);
});

test('a program is filled from the settings: droop, times, starts and backup', () => {
  const facts = assumedFacts();
  const program = controlProgram(facts, resolveSettings({ facts, confirmed: new Set() }));
  expect(program).toMatchObject({ backup: 'electric', minOffMin: 5, compressorStartsPerHour: 3 });
  const byTime: Facts = { ...facts, schools: { ...facts.schools, droop: 'time' } };
  expect(controlProgram(byTime, resolveSettings({ facts: byTime, confirmed: new Set() })).auxAfterMin).toBeGreaterThan(
    0,
  );
});

test('the job’s response and power-up delay reach the running program', () => {
  const programOf = (...overrides: readonly (readonly [setting: string, value: string])[]) => {
    const rows = overrides.map(([setting, value]) => ({ setting, value, reason: 'tried' }));
    const facts = withFact(assumedFacts(), 'setup.overrides', rows);
    return controlProgram(facts, resolveSettings({ facts, confirmed: new Set() }));
  };
  expect(programOf()).toMatchObject({ differentialF: 1, powerUpHoldMin: 0 });
  expect(programOf(['response', 'calm'], ['power-up-hold', '15'])).toMatchObject({
    differentialF: 1.5,
    powerUpHoldMin: 15,
  });
  expect(programOf(['response', 'brisk']).differentialF).toBe(0.5);
});
