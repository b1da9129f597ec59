import { airAnswer } from '../balance/air-answer';
import { balanceAnswer } from '../balance/balance-answer';
import { supplyStates } from '../balance/supply-states';
import { type CallId, DEFAULT_MOMENT } from '../control/moment';
import { assumedFacts, type FactPath, type Facts, withFact } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { startupPlan } from '../startup/plan';
import { startupAnswer } from '../startup/startup-answer';
import { ladderState } from '../strips/ladder-state';
import { stripsAnswer } from '../strips/strips-answer';
import { checkEquipment } from './equipment';
import { findingsFor } from './pages';
import { wiringAnswer } from './wiring-answer';

const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const sample = (id: string): Facts => SAMPLES.find((each) => each.id === id)!.facts;

describe('Balance answers with the balance point, what heats below it, the lockouts and the cost', () => {
  test('strips', () =>
    expect(balanceAnswer(sample('quarry-bench'), 28)).toMatch(
      /^Balance point 24 °F: above it the heat pump alone carries the house, below it strips make up the rest\. Locked out: strips above 45 °F\. At 28 °F heating costs \$\d+\.\d\d per hour\.$/,
    ));

  test('a furnace adds the economic balance point', () =>
    expect(balanceAnswer(sample('tamarack-spur'), 28)).toMatch(
      /below it the furnace is needed\. (Economic balance point -?\d+ °F: below it the furnace is cheaper|The (heat pump|furnace) is cheaper at every temperature)\./,
    ));

  test('a gap comes first', () =>
    expect(
      balanceAnswer(
        facts(['thermostat.outdoorSensor', 'wired'], ['gates.compressorBelowF', 40], ['gates.auxAboveF', 30]),
        35,
      ),
    ).toMatch(/^Gap from 30 °F to 40 °F: no heat source is allowed to run\./));

  test('a heat pump that is large enough has no balance point', () =>
    expect(
      balanceAnswer(
        facts(
          ['house.designBtuh', 2000],
          [
            'outdoorUnit.ratingPoints',
            [
              { outdoorF: 47, btuh: 60_000, kW: 5 },
              { outdoorF: 17, btuh: 58_000, kW: 5 },
            ],
          ],
          ['outdoorUnit.minOutdoorF', null],
          ['load.from', 'heat-loss'],
        ),
        28,
      ),
    ).toMatch(/^No balance point: the heat pump alone carries the house at every temperature\./));
});

describe('Supply air answers with the warmest and the coldest air', () => {
  const states = supplyStates(sample('quarry-bench'), 28, 68);

  test('strips on, and a defrost without them', () =>
    expect(airAnswer(states, null)).toMatch(
      /^\d+ °F with the heat pump alone; up to \d+ °F with heat pump \+ bank.*; down to \d+ °F in defrost, no strips\.$/,
    ));

  test('over the label maximum is reported', () =>
    expect(airAnswer(states, 80)).toMatch(/That is over the label’s 80 °F: add airflow\.$/));

  test('nothing runs', () => expect(airAnswer([], 125)).toBe('Nothing may heat at this temperature.'));
});

describe('Strips answers with banks, kilowatts and amps', () => {
  const answer = (call: CallId) => {
    const of = sample('quarry-bench');
    const moment = { ...DEFAULT_MOMENT, call };
    const bench = jobModel(of).wall;
    const { settlesS } = ladderState(of, bench, moment, 0, 240, new Set(), 'rest');
    return stripsAnswer(call, ladderState(of, bench, moment, settlesS, 240, new Set(), 'rest'));
  };

  test('with aux', () =>
    // 14.4 kW at 240 V: 60.0 A.
    expect(answer('emergency')).toMatch(/: banks 1 and 2 on, 14\.4 kW\. The strips draw 60\.0 A after \d+ s\.$/));

  test('without a call', () => expect(answer('off')).toMatch(/: no strips on, 0 A\.$/));
});

describe('Startup answers with the readings that fail', () => {
  test.each(SAMPLES.map((each) => [each.id, each] as const))('%s', (_, { facts: of, readings = [] }) => {
    const steps = startupPlan(jobModel(of), readings, DEFAULT_MOMENT);
    const items = steps.flatMap(({ items: each }) => each);
    const failed = items.filter(({ verdict }) => verdict?.grade === 'fail');
    const said = startupAnswer(steps);
    if (failed.length > 0) expect(said).toContain(`Fails: ${failed[0]!.item.label}`);
    else if (items.every(({ reading }) => !reading)) expect(said).toMatch(/^Nothing is measured yet: \d+ readings/);
    else expect(said).toMatch(/^(Recheck: |Everything measured passes)/);
  });
});

describe('Wiring answers whether it matches the plan, and with the worst finding', () => {
  const found = (of: Facts) => findingsFor('wiring', checkEquipment(jobModel(of)));

  test('nothing to fix', () =>
    expect(wiringAnswer([], true, 0)).toBe('As found, the wiring matches the plan. Nothing to fix.'));

  test('an error before a warning, and the number of others', () => {
    const [warning, error] = [
      { rule: 'a', severity: 'warning', what: 'Odd.', why: '', fix: '', page: 'wiring' },
      { rule: 'b', severity: 'error', what: 'Harm.', why: '', fix: '', page: 'wiring' },
    ] as const;
    expect(wiringAnswer([warning, error], true, 1)).toBe(
      'As found, 1 conductor differs from the plan. Harm. 1 more below.',
    );
  });

  test('a sample as planned', () =>
    expect(wiringAnswer(found(sample('juniper-flume')), false, 0)).toMatch(/^Wiring as planned\. /));
});
