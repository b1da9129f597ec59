import { rulerSentence } from '../balance/ruler-sentence';
import { supplyAir } from '../balance/supply-air';
import { findingsOf } from '../check';
import { checkEquipment } from '../check/equipment';
import { CALL_IDS, DEFAULT_MOMENT } from '../control/moment';
import { NO_FAULTS, withCondition, withFault } from '../control/scenario';
import { assumedFacts } from '../job/document';
import { SAMPLES } from '../samples';
import { startupOf } from '../startup/startup-of';
import { ladderState } from '../strips/ladder-state';
import { faultTable } from '../wiring/fault-table';
import { terminalTable } from '../wiring/terminal-table';
import { traceCall } from '../wiring/trace';
import { jobModel } from './job-model';

/** Of objects of its own, so that nothing was calculated for it yet. */
const fresh = () => jobModel(structuredClone(SAMPLES[1]!.facts));
const { readings } = SAMPLES[1]!;

test('the same facts give the same model; another object or another scenario gives another', () => {
  const facts = assumedFacts();
  expect(jobModel(facts)).toBe(jobModel(facts, NO_FAULTS));
  expect(jobModel({ ...facts })).not.toBe(jobModel(facts));
  expect(jobModel(facts, withCondition('board-lockout'))).not.toBe(jobModel(facts));
  expect(jobModel(facts, withCondition('board-lockout'))).toBe(jobModel(facts, withCondition('board-lockout')));
});

test('nothing is computed before it is needed, and nothing twice', () => {
  const model = fresh();
  expect(model.worked()).toEqual({ plans: 0, solutions: 0 });
  const first = model.state(DEFAULT_MOMENT);
  expect(model.state(DEFAULT_MOMENT)).toBe(first);
  const once = model.worked();
  expect(once.plans).toBe(1);
  model.states(DEFAULT_MOMENT);
  const calls = model.worked().solutions;
  model.states({ ...DEFAULT_MOMENT });
  model.soundStates(DEFAULT_MOMENT);
  expect(model.worked()).toEqual({ plans: 1, solutions: calls });
  expect(findingsOf(model)).toBe(findingsOf(model));
});

describe('how many solutions a page needs', () => {
  /** Distinct sets of signals of a job's calls, times the rounds in which its coils settle: three, seldom four. */
  const ALL_CALLS = 8 * 4;
  const solutionsOf = (work: (model: ReturnType<typeof fresh>) => unknown) => {
    const model = fresh();
    work(model);
    expect(model.worked().plans).toBeLessThanOrEqual(1);
    return model.worked().solutions;
  };

  test('the ruler: one state', () =>
    expect(
      solutionsOf((model) => {
        const state = model.state(DEFAULT_MOMENT);
        return [rulerSentence(model.facts, state, DEFAULT_MOMENT), supplyAir(model.facts, state, DEFAULT_MOMENT)];
      }),
    ).toBeLessThanOrEqual(4));

  test('Wiring: every call once, for trace, terminals, power and findings together', () =>
    expect(
      solutionsOf((model) => [
        traceCall(model.facts, model.sound, model.harness, model.state(DEFAULT_MOMENT)),
        terminalTable(model.planned, model.soundStates(DEFAULT_MOMENT)),
        model.states(DEFAULT_MOMENT),
        checkEquipment(model),
      ]),
      // The rules look at the cold, too, and at each condition that the job can meet.
    ).toBeLessThanOrEqual(3 * ALL_CALLS));

  test('Strips: the ladder needs one state, not a startup', () =>
    expect(solutionsOf((model) => ladderState(model.facts, model.wall, DEFAULT_MOMENT, 40, 236))).toBeLessThanOrEqual(
      4,
    ));

  test('Startup: every call once at the temperature read, plus the suspects of a reading that is off', () => {
    expect(solutionsOf((model) => startupOf(model, [], DEFAULT_MOMENT))).toBeLessThanOrEqual(ALL_CALLS);
    expect(solutionsOf((model) => startupOf(model, readings, DEFAULT_MOMENT))).toBeLessThanOrEqual(ALL_CALLS);
  });

  test('a second temperature costs only what the weather changes', () => {
    const model = fresh();
    model.states(DEFAULT_MOMENT);
    const before = model.worked().solutions;
    // No sensor's ohms, no gate between: the signals are the same.
    const { facts } = model;
    expect(facts.thermostat.outdoorSensor).toBe('wired');
    const dry = jobModel({ ...facts, thermostat: { ...facts.thermostat, outdoorSensor: 'weather' } });
    dry.states(DEFAULT_MOMENT);
    const solved = dry.worked().solutions;
    dry.states({ ...DEFAULT_MOMENT, outdoorF: DEFAULT_MOMENT.outdoorF + 1 });
    expect(dry.worked().solutions).toBe(solved);
    expect(before).toBeLessThanOrEqual(ALL_CALLS);
  });
});

describe('a scenario', () => {
  const facts = assumedFacts();

  test('applies to wires, ladder, ruler and air alike', () => {
    const moment = { ...DEFAULT_MOMENT, call: 'heat-aux' as const };
    const noWhite = jobModel(facts, withFault('open:thermostat-cable/white'));
    const state = noWhite.state(moment);
    expect(state.energized.has('heat bank 1')).toBe(false);
    expect(ladderState(facts, noWhite.wall, { ...moment, scenario: noWhite.scenario }, 300, 240).heaterAmps).toBe(0);
    const sound = jobModel(facts);
    const air = (model: typeof sound) => {
      const supply = supplyAir(facts, model.state(moment), moment);
      return supply.kind === 'heat' ? supply.supplyF : NaN;
    };
    expect(air(noWhite)).toBeLessThan(air(sound) - 15);
    expect(rulerSentence(facts, state, moment).text).toMatch(/heat pump alone/);
  });

  test('never changes what a reading is judged by', () => {
    const judged = startupOf(jobModel(facts), readings, DEFAULT_MOMENT);
    const tried = startupOf(jobModel(facts, withFault('open:contactor')), readings, DEFAULT_MOMENT);
    expect(tried.flatMap(({ items }) => items.map(({ key, verdict }) => [key, verdict]))).toEqual(
      judged.flatMap(({ items }) => items.map(({ key, verdict }) => [key, verdict])),
    );
  });

  test('with two faults does what both do', () => {
    const both = jobModel(facts, withFault('open:thermostat-cable/yellow', 'open:thermostat-cable/white'));
    const { energized } = both.state({ ...DEFAULT_MOMENT, call: 'heat-aux' });
    expect([energized.has('contactor'), energized.has('heat bank 1'), energized.has('blower relay')]).toEqual([
      false,
      false,
      true,
    ]);
  });
});

test('a worker can build the fault table from cloneable input: facts and a moment', () => {
  const sensed = { ...SAMPLES[1]!.facts };
  const posted = structuredClone({ facts: sensed, moment: DEFAULT_MOMENT });
  const rows = faultTable(posted.facts, jobModel(posted.facts).wall, posted.moment);
  expect(rows.length).toBeGreaterThan(60);
  expect(sensed.thermostat.outdoorSensor).toBe('wired');
  expect(CALL_IDS.length).toBe(9);
});
