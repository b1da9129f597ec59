import { backupNeeds } from '../../src/core/balance/backup-need';
import { balanceChart } from '../../src/core/balance/chart';
import { weighEvidence } from '../../src/core/balance/evidence';
import { balanceAt } from '../../src/core/balance/from-job';
import { outdoorRuler } from '../../src/core/balance/outdoor-ruler';
import { rulerSentence } from '../../src/core/balance/ruler-sentence';
import { supplyAir } from '../../src/core/balance/supply-air';
import { atMoment } from '../../src/core/balance/year/at-moment';
import { CLIMATES } from '../../src/core/balance/year/climates';
import { binned, everyTemperature } from '../../src/core/balance/year/temperatures';
import { findingsOf } from '../../src/core/check';
import { settlerFor } from '../../src/core/circuit/settle';
import { solve } from '../../src/core/circuit/solve';
import { DEFAULT_MOMENT } from '../../src/core/control/moment';
import type { FactPath, Facts } from '../../src/core/job/document';
import { choicesOf, methodsHere } from '../../src/core/model/choices';
import { type JobModel, jobModel } from '../../src/core/model/job-model';
import { SAMPLES } from '../../src/core/samples';
import { cardOf } from '../../src/core/setup/card/card';
import { setupFindings } from '../../src/core/setup/findings';
import { quillwort } from '../../src/core/setup/profiles/quillwort';
import { resolveSettings } from '../../src/core/setup/resolve';
import { comparePlans } from '../../src/core/setup/ways/compare';
import { jobPlans } from '../../src/core/setup/ways/way';
import { runDay } from '../../src/core/simulation/day/day';
import { simulateDays } from '../../src/core/simulation/day/simulated-days';
import { type DayJob, prepareAsSet, variantsById } from '../../src/core/simulation/day/variant';
import { dayPicks } from '../../src/core/simulation/weather/day-picks';
import { weatherFrom } from '../../src/core/simulation/weather/weather';
import { minuteYear } from '../../src/core/simulation/year/minute-ways';
import { startupOf } from '../../src/core/startup/startup-of';
import { kitFit } from '../../src/core/strips/belongs';
import { elementOhms } from '../../src/core/strips/element';
import { explainAmps } from '../../src/core/strips/explain-amps';
import { findKits } from '../../src/core/strips/find-kit';
import { ladderState } from '../../src/core/strips/ladder-state';
import { statesByCall } from '../../src/core/wiring/behavior';
import { differences } from '../../src/core/wiring/differences';
import { drawing } from '../../src/core/wiring/drawing';
import { families } from '../../src/core/wiring/families';
import { faultsOf } from '../../src/core/wiring/fault';
import { faultTable } from '../../src/core/wiring/fault-table';
import { plan } from '../../src/core/wiring/plan';
import { powerReport } from '../../src/core/wiring/power';
import { benchFor } from '../../src/core/wiring/state';
import { wiringState } from '../../src/core/wiring/state';
import { terminalTable } from '../../src/core/wiring/terminal-table';
import { traceCall } from '../../src/core/wiring/trace';
import { bareMinutes } from './bare-minutes';
import { bareYears } from './bare-years';

/** Times a function over many runs; prints median and slowest percent, ms. */
const time = (what: string, aim: string, work: () => unknown, runs = 400): void => {
  for (let warm = 0; warm < Math.min(50, runs); warm++) work();
  const took = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  const at = (share: number) => took[Math.floor(share * (runs - 1))]!.toFixed(3).padStart(8);
  console.log(`${what.padEnd(58)} median ${at(0.5)} ms   p99 ${at(0.99)} ms   ${aim}`);
};

/** The same facts as a new object, so that nothing is cached. */
const fresh = (of: Facts): Facts => ({ ...of });
const allFindings = (of: Facts) => findingsOf(jobModel(fresh(of)));

/** Time of a first run, ms: no warm-up. */
const first = (what: string, aim: string, work: () => unknown): void => {
  const from = performance.now();
  work();
  console.log(`${what.padEnd(58)} first  ${(performance.now() - from).toFixed(3).padStart(8)} ms   ${aim}`);
};

const [, started] = SAMPLES;
const { facts, readings } = started!;
const { network } = wiringState(facts, plan(facts), { ...DEFAULT_MOMENT, call: 'heat-aux' });
const sixElements = Array.from({ length: 6 }, (_, at) => ({ kW: 4 + at / 5, ratedVolts: 240 }));

time(`one circuit solution (${network.edges.length} edges)`, 'aim < 0.3', () => solve(network));
const largest = families().reduce((most, each) =>
  plan(each.facts).conductors.length > plan(most.facts).conductors.length ? each : most,
);
const big = plan(largest.facts);
const prepared = settlerFor(wiringState(largest.facts, big, DEFAULT_MOMENT).network);
const { network: bigNetwork } = wiringState(largest.facts, big, { ...DEFAULT_MOMENT, call: 'heat-aux' });
time(`plan of the largest family (${big.conductors.length} conductors)`, 'aim < 5', () => plan(largest.facts));
time(`its solution (${bigNetwork.edges.length} edges)`, 'aim < 0.3', () => solve(bigNetwork));
time('its drawing', '', () => drawing(big, big));
/** Everything of a model: plan, all calls, findings, startup plan. */
const whole = (of: Facts) => {
  const model = jobModel(fresh(of));
  return [model.states(DEFAULT_MOMENT), findingsOf(model), startupOf(model, [], DEFAULT_MOMENT)];
};
time('its solution again, prepared', '', () => prepared.settle(bigNetwork, []));
first('full model of the largest family', 'aim < 8 warm', () => whole(largest.facts));
time('full model of the largest family', 'aim < 8', () => whole(largest.facts));
time('its findings', '', () => allFindings(largest.facts));
const faultCount = faultsOf(big).length;
time(
  `its ${faultCount} faults in every call`,
  'aim < 60',
  () => faultTable(largest.facts, benchFor(largest.facts, big), DEFAULT_MOMENT),
  40,
);
const model = jobModel(facts);
let degree = 0;
/** The next outdoor temperature, °F: new to the model at every move. */
const next = () => ({
  ...DEFAULT_MOMENT,
  call: 'heat-aux' as const,
  outdoorF: -20 + (degree = degree + 1) / 50,
});
time('+1 °F: ruler', 'aim < 8', () => {
  const moment = next();
  const state = model.state(moment);
  return [rulerSentence(facts, state, moment), supplyAir(facts, state, moment)];
});
/** Everything the Wiring page recalculates when the needle moves. */
const wiringPage = (of: JobModel) => {
  const moment = next();
  const state = of.state(moment);
  return [
    traceCall(of.facts, of.sound, of.harness, state),
    differences(of.facts, of.sound, of.harness, moment, of.supply),
    powerReport(of.facts, of.harness, of.states(moment)),
    terminalTable(of.planned, of.soundStates(moment)),
    choicesOf(of.facts).map((choice) => methodsHere(of.facts, choice, moment)),
  ];
};
const asFound = jobModel(SAMPLES.find((sample) => sample.facts.wiring.asFound !== null)!.facts);
time('+1 °F: Wiring', 'aim < 8', () => wiringPage(model));
time('+1 °F: Wiring, as found', 'aim < 8', () => wiringPage(asFound));
time('+1 °F: Startup, 35 readings', 'aim < 8', () => startupOf(model, readings, next()));
time('+1 °F: Strips', 'aim < 8', () => {
  const moment = next();
  return [
    ladderState(facts, model.wall, moment, 40, 236),
    startupOf(model, readings, moment),
    kitFit(facts, balanceAt(facts, moment.outdoorF).heatPumpBtuh, moment.indoorF, 236),
  ];
});
time('+1 °F: Crossing', 'aim < 8', () => [atMoment(facts, next().outdoorF)]);
const setup = { facts: largest.facts, confirmed: new Set<FactPath>() };
time('all settings and contradictions', 'aim < 5', () =>
  setupFindings({ facts: setup.facts, settings: resolveSettings(setup) }),
);
time('a card of 31 entries', '', () => cardOf(quillwort, resolveSettings(setup)));
time('all calls of a job', 'aim < 5', () => statesByCall(facts, benchFor(facts, plan(facts)), DEFAULT_MOMENT));
const hoursF = CLIMATES[0]!.hoursF();
const bins = binned(hoursF);
const ways = jobPlans(facts);
time('Crossing: chart, figures, tables and ways by bins', 'aim < 4', () => [
  balanceChart(facts),
  atMoment(facts, 28),
  backupNeeds(facts),
  weighEvidence(facts),
  comparePlans(facts, jobPlans(facts), bins),
]);
const six = [...ways, ways[0]!].slice(0, 5);
time(
  'an hourly year for six ways, every hour',
  'aim < 250',
  () => comparePlans(facts, six, everyTemperature(hoursF)),
  60,
);
time('the same by a bare loop over typed arrays', 'aim > 1/3', () => bareYears(facts, six, hoursF), 60);
const dayJob = { model: jobModel(facts), confirmed: new Set<FactPath>() };
const weather = { hoursF, humidity: CLIMATES[0]!.humidity() };
const design = dayPicks(weather, facts).find(({ id }) => id === 'design')!.day;
const variant = (...ids: string[]) => variantsById(dayJob, ids);
const [stands] = variant('stands');
const liveAll = (of: DayJob, ids: string[], days: number) =>
  variantsById(of, ids).map((each) =>
    simulateDays(of, each, weather, { day: design, minutes: days * 1440, stepMin: 1 }),
  );
first('a day by the minute, nothing solved yet', 'beside the warm one', () =>
  liveAll({ model: jobModel(fresh(facts)), confirmed: new Set() }, ['stands'], 1),
);
const parts = stands!.prepare(dayJob).parts;
time(
  'a day by the minute, 1,440 ticks through the wires',
  'aim < 10',
  () =>
    runDay(parts, {
      minutes: 1440,
      stepMin: 1,
      mode: 'heat',
      setpoints: [{ fromMin: 0, setpointF: 68 }],
      weatherAt: weatherFrom(weather, design * 24),
      start: { roomF: 68, massF: 68 },
    }),
  200,
);
time('the same with its lead, events and figures', '', () => liveAll(dayJob, ['stands'], 1), 100);
time('a month of four ways', 'aim < 400', () => liveAll(dayJob, ['stands', 'night', 'board-30', 'low-charge'], 30), 8);
time('a year by the minute, 525,600 ticks', 'aim < 1000', () => minuteYear(prepareAsSet(dayJob), weather, 'all'), 5);
time(
  'the same arithmetic in a bare loop over typed arrays',
  'ratio to the line above',
  () => bareMinutes(facts, hoursF),
  5,
);
time('twelve days that stand for their months', '', () => minuteYear(prepareAsSet(dayJob), weather, 'typical'), 20);
time('gate ruler', '', () => outdoorRuler(facts));
time('all findings of a job', '', () => allFindings(facts));
time('startup plan with 35 readings', '', () => startupOf(jobModel(fresh(facts)), readings, DEFAULT_MOMENT));
time('kit found from plate, breakers, ohms and amps', 'aim < 5', () =>
  findKits({
    ratedVolts: 240,
    plateKW: 27,
    breakersAmps: [60, 60, 35],
    ohms: sixElements.map(elementOhms),
    running: { amps: 110, volts: 236 },
    blowerAmps: 3,
    blowerOnFirstCircuit: true,
  }),
);
time('ladder at a second', '', () => ladderState(facts, model.wall, { ...DEFAULT_MOMENT, call: 'heat-aux' }, 40, 236));
time('amps explained, six unlike elements', 'aim < 5', () => explainAmps(sixElements, 236, 3, 61, true));
