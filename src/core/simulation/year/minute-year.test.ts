import { climateById } from '../../balance/year/climates';
import { jobPlant, jobTariff } from '../../balance/year/from-job';
import { everyTemperature } from '../../balance/year/temperatures';
import { yearOf } from '../../balance/year/year';
import { NO_FAULTS } from '../../control/scenario';
import type { Facts } from '../../job/document';
import { jobModel } from '../../model/job-model';
import { SAMPLES } from '../../samples';
import { runDay } from '../day/day';
import { hourlyTariff } from '../day/day-cost';
import { type DayJob, prepareAsSet, variantsById } from '../day/variant';
import { setpointsFor } from '../system/schedule';
import { typicalDays } from '../weather/typical-days';
import { weatherFrom } from '../weather/weather';
import { addYears } from './add-years';
import { minuteReasons, withoutAll } from './minute-reasons';
import { compareMinutes, minuteYear } from './minute-ways';
import { simulateMinutes } from './minute-year';

const climate = (id: string) => ({ hoursF: climateById(id).hoursF(), humidity: climateById(id).humidity() });
const jobOf = (facts: Facts): DayJob => ({ model: jobModel(facts, NO_FAULTS), confirmed: new Set() });
const sample = (id: string) => SAMPLES.find((each) => each.id === id)!.facts;
const basin = climate('sorrel-basin');

/** A job of whose heat pump nothing is frost and nothing is lost by starts. */
const plain = (facts: Facts): Facts => ({
  ...facts,
  outdoorUnit: {
    ...facts.outdoorUnit,
    frostDerate: false,
    cyclingLoss: 0,
    ratingPoints: facts.outdoorUnit.ratingPoints.filter(({ outdoorF }) => outdoorF < 30 || outdoorF > 40),
    lowPoints: facts.outdoorUnit.lowPoints.filter(({ outdoorF }) => outdoorF < 30 || outdoorF > 40),
  },
});

test.each([
  ['quarry-bench', 'sorrel-basin'],
  ['cinder-creek', 'alder-sound'],
  ['tamarack-spur', 'thistle-plain'],
] as const)('%s in %s: without setback, droop, defrost and cycling, minutes match hours within 3 %%', (id, where) => {
  const facts = plain(sample(id));
  const weather = climate(where);
  const { year } = minuteYear(withoutAll(jobOf(facts)), weather, 'all');
  const plant = jobPlant(facts);
  const hourly = yearOf(
    { ...plant, defrost: { share: 0, follows: 'clock' } },
    jobTariff(facts),
    everyTemperature(weather.hoursF),
  );
  expect(Math.abs(year.cost / hourly.cost - 1)).toBeLessThan(0.03);
  expect(Math.abs(year.loadBtu / hourly.loadBtu - 1)).toBeLessThan(0.005);
});

test('the reasons: frost and starts cost, droop saves, a setback counts only if there is one', () => {
  const steady = sample('quarry-bench');
  const reasons = new Map(minuteReasons(jobOf(steady), basin).map(({ id, dollars }) => [id, dollars]));
  expect(reasons.get('defrost')).toBeGreaterThan(0);
  expect(reasons.get('cycling')).toBeGreaterThan(0);
  expect(reasons.get('droop')).toBeLessThan(0);
  expect(reasons.has('setback')).toBe(false);
  const night: Facts = { ...steady, talk: { ...steady.talk, schedule: 'night', setbackF: 8 } };
  expect(minuteReasons(jobOf(night), basin).map(({ id }) => id)).toContain('setback');
});

test('summed minutes equal those of one run, skipped hours included', () => {
  const facts = sample('quarry-bench');
  const prepared = prepareAsSet(jobOf(facts));
  // Two days in May: the house stands idle in the afternoons.
  const [day, days] = [130, 2];
  const { year, defrosts } = simulateMinutes(prepared, hourlyTariff(facts), basin, { day, days });
  const setpoints = setpointsFor(prepared.schedule, days * 1440);
  const startF = Math.max(...setpoints.map(({ setpointF }) => setpointF));
  const run = runDay(prepared.parts, {
    minutes: days * 1440,
    stepMin: 1,
    mode: 'heat',
    setpoints,
    weatherAt: weatherFrom(basin, day * 24),
    start: { roomF: startF, massF: startF },
  });
  const sum = (values: Float64Array) => values.reduce((total, each) => total + each, 0) / 60;
  expect(year.compressorKWh + year.stripsKWh + year.blowerKWh).toBeCloseTo(sum(run.trace.kW), 1);
  const heat = year.compressorBtu + year.stripsBtu;
  expect(Math.abs(heat - sum(run.trace.heatBtuh))).toBeLessThan(0.01 * heat);
  expect(year.bins.reduce((hours, bin) => hours + bin.hours, 0)).toBeCloseTo(48, 6);
  expect(defrosts).toBe(run.trace.defrostEnd.filter((end) => end !== null).length);
});

test('twelve days represent the year: every month once, and the cost within a tenth', () => {
  const days = typicalDays(basin);
  expect(days.map(({ stands }) => stands).reduce((sum, each) => sum + each, 0)).toBe(365);
  days.forEach(({ day }, month) => expect(Math.floor(day / (365 / 12))).toBeGreaterThanOrEqual(month - 1));
  const prepared = prepareAsSet(jobOf(sample('quarry-bench')));
  const [typical, all] = (['typical', 'all'] as const).map((extent) => minuteYear(prepared, basin, extent));
  expect(Math.abs(typical!.year.cost / all!.year.cost - 1)).toBeLessThan(0.1);
  expect(all!.year.bins.reduce((hours, bin) => hours + bin.hours, 0)).toBeCloseTo(8760, 3);
});

test('combined years keep their sums; the demand charge counts once a month', () => {
  const facts: Facts = { ...sample('quarry-bench') };
  const priced: Facts = { ...facts, prices: { ...facts.prices, demandPerKW: 8 } };
  const prepared = prepareAsSet(jobOf(priced));
  const part = simulateMinutes(prepared, hourlyTariff(priced), basin, { day: 20, days: 1 });
  const two = addYears([
    { part, times: 3 },
    { part, times: 1 },
  ]);
  expect(two.year.cost).toBeCloseTo(4 * part.year.cost, 9);
  expect(two.year.bins.map(({ hours }) => hours)).toEqual(part.year.bins.map(({ hours }) => 4 * hours));
  expect(two.demandCost).toBeCloseTo(2 * part.demandCost!, 9);
  expect(part.demandCost).toBeGreaterThan(0);
});

test('plans by the minute keep their names and lockouts; peak hours make a locked-out bank pay', () => {
  const facts = sample('quarry-bench');
  const priced: Facts = {
    ...facts,
    prices: { ...facts.prices, byHour: 'peak', peakPerKWh: 0.6, peakFromHour: 5, peakToHour: 9 },
  };
  const job = jobOf(priced);
  const shares: number[] = [];
  const [stands] = compareMinutes(job, [], basin, 'typical', (share) => shares.push(share));
  expect([stands!.name, stands!.way, stands!.isTaken]).toEqual(['As set now', null, true]);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  const held = minuteYear(variantsById(job, ['peak-held'])[0]!.prepare(job), basin, 'typical');
  expect(held.degreeHoursShort).toBeGreaterThan(stands!.minutes.degreeHoursShort);
  expect(stands!.year.cost).toBeGreaterThan(minuteYear(prepareAsSet(jobOf(facts)), basin, 'typical').year.cost);
});
