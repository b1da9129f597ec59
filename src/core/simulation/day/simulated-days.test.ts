import fc from 'fast-check';
import { climateById, CLIMATES } from '../../balance/year/climates';
import { NO_FAULTS, withFault } from '../../control/scenario';
import { dayCsv } from '../../formats/day-csv';
import { assumedFacts, type Facts } from '../../job/document';
import { jobModel } from '../../model/job-model';
import { SAMPLES } from '../../samples';
import { clockAt } from '../clock';
import { setpointsFor } from '../system/schedule';
import { dayPicks, daysOf } from '../weather/day-picks';
import { typedWeather } from '../weather/typed-weather';
import { weatherFrom } from '../weather/weather';
import { boardMonths } from './board-months';
import { boardAdvice, boardWords } from './board-words';
import { dayCost, electricPriceAt, hourlyTariff } from './day-cost';
import { dayHeadline } from './day-headline';
import { energyBySpan } from './energy-by-span';
import { magnified } from './magnified';
import { momentAt } from './moment-at';
import { differenceFrom, firstDifferentTick, simulateDays, stripsKWh } from './simulated-days';
import { stripLine, stripSpells } from './strip-lines';
import { tickCount } from './ticks';
import { type DayJob, variantsById, variantsOf } from './variant';

const DAY = { day: 0, minutes: 1440, stepMin: 1 } as const;
const jobOf = (facts: Facts, scenario = NO_FAULTS): DayJob => ({
  model: jobModel(facts, scenario),
  confirmed: new Set(),
});
const sample = (id: string) => SAMPLES.find((each) => each.id === id)!.facts;
const cold = typedWeather({ leastF: 8, mostF: 26, humidity: 70 });
const lived = (
  job: DayJob,
  id = 'stands',
  weather = cold,
  span: { day: number; minutes: number; stepMin: number } = DAY,
) => simulateDays(job, variantsById(job, [id])[0]!, weather, span);
const climate = (id: string) => ({ hoursF: climateById(id).hoursF(), humidity: climateById(id).humidity() });

describe('weather', () => {
  test('is linear between hours, and the first hour follows the last', () => {
    const at = weatherFrom({ hoursF: [10, 20, 40], humidity: [0.5, 0.6, 1] }, 1);
    expect([0, 30, 60, 90, 120].map((min) => at(min).outdoorF)).toEqual([20, 30, 40, 25, 10]);
    expect(at(30).relativeHumidity).toBeCloseTo(0.8, 12);
    expect(weatherFrom({ hoursF: [10, 20], humidity: null }, 0)(0).relativeHumidity).toBe(0.7);
  });

  test('on an entered day goes from its lowest to its highest and no further', () => {
    const { hoursF } = typedWeather({ leastF: 5, mostF: 31, humidity: 80 });
    const list = Array.from(hoursF);
    expect([Math.min(...list), Math.max(...list)]).toEqual([5, 31]);
    expect(list.indexOf(5)).toBe(6);
    expect(list.indexOf(31)).toBe(15);
  });

  test.each(CLIMATES.map(({ id }) => id))('%s: each pick matches its description', (id) => {
    const weather = climate(id);
    const facts = assumedFacts();
    const days = daysOf(weather);
    const picks = new Map(dayPicks(weather, facts).map((pick) => [pick.id, days[pick.day]!]));
    const heating = days.filter(({ meanF }) => meanF < facts.house.noLoadF);
    expect(picks.get('coldest')!.leastF).toBe(Math.min(...days.map(({ leastF }) => leastF)));
    const swing = ({ leastF, mostF }: (typeof days)[number]) => mostF - leastF;
    expect(swing(picks.get('swing')!)).toBe(Math.max(...heating.map(swing)));
    const design = Math.abs(picks.get('design')!.leastF - facts.house.designOutdoorF);
    for (const { leastF } of heating)
      expect(Math.abs(leastF - facts.house.designOutdoorF)).toBeGreaterThanOrEqual(design);
    expect(Math.abs(picks.get('damp')!.meanF - 34)).toBeLessThan(4);
  });

  test('generated hours are never wetter than saturated, and the damp coast is damper than the dry valley', () => {
    const mean = (id: string) => climate(id).humidity.reduce((sum, each) => sum + each, 0) / 8760;
    for (const { humidity } of CLIMATES) for (const each of humidity()) expect(each >= 0.2 && each <= 0.99).toBe(true);
    expect(mean('alder-sound')).toBeGreaterThan(mean('sorrel-basin') + 0.2);
  });
});

test('the schedule sets a day’s setpoints, from the day before on', () => {
  const base = { setpointF: 70, setbackF: 6, wakeHour: 6.5, sleepHour: 22 };
  expect(setpointsFor({ ...base, kind: 'steady' }, 1440)).toEqual([{ fromMin: -1440, setpointF: 70 }]);
  const night = setpointsFor({ ...base, kind: 'night' }, 1440).filter(({ fromMin }) => fromMin >= 0 && fromMin < 1440);
  expect(night).toEqual([
    { fromMin: 390, setpointF: 70 },
    { fromMin: 1320, setpointF: 64 },
  ]);
  const away = setpointsFor({ ...base, kind: 'night-and-away' }, 1440).filter(({ fromMin }) => fromMin >= 0);
  expect(away.slice(0, 4).map(({ fromMin }) => clockAt(fromMin))).toEqual([
    '6:30 AM',
    '8:30 AM',
    '4:30 PM',
    '10:00 PM',
  ]);
});

describe('a setback and its recovery', () => {
  const facts: Facts = {
    ...assumedFacts(),
    talk: { ...assumedFacts().talk, schedule: 'night', setbackF: 5 },
  };
  const job = jobOf(facts);
  const withClimb = lived(job, 'stands', typedWeather({ leastF: 34, mostF: 48, humidity: 60 }));

  test('recovery begins before the setpoint rises, without backup, and the event says so', () => {
    const { trace } = withClimb.run;
    const first = trace.isRecovering.indexOf(true);
    expect(first).toBeGreaterThan(0);
    expect(first).toBeLessThan(390);
    for (let tick = 0; tick < 1440; tick++)
      if (trace.isRecovering[tick]) expect(trace.signals[tick]).not.toMatch(/AUX/);
    expect(withClimb.events.find(({ id }) => id === 'climb-begins')!.atMin).toBe(first);
  });

  test('without early recovery the room is short longer after the setpoint rises', () => {
    const without = lived(job, 'no-recovery', typedWeather({ leastF: 34, mostF: 48, humidity: 60 }));
    expect(without.run.trace.isRecovering).not.toContain(true);
    expect(without.summary.degreeHoursShort).toBeGreaterThan(withClimb.summary.degreeHoursShort);
    expect(firstDifferentTick(withClimb.run, without.run)).not.toBeNull();
  });

  test('constant and setback schedules differ in cost, and the sentence adds up', () => {
    const steady = lived(job, 'steady', cold);
    const stands = lived(job, 'stands', cold);
    const [parts, money] = differenceFrom(stands, steady, facts);
    expect(parts).toMatch(/^They first differ at \d+:\d\d [AP]M\.$/);
    const by = steady.summary.cost.total - stands.summary.cost.total;
    expect(money).toContain(Math.abs(by).toFixed(2));
    expect(money).toContain(by > 0 ? 'more expensive' : 'cheaper');
  });
});

describe('hourly prices', () => {
  const base = assumedFacts();
  const priced = (prices: Partial<Facts['prices']>): Facts => ({ ...base, prices: { ...base.prices, ...prices } });
  const { run } = lived(jobOf(base));

  test('one price at all hours is kWh times price; a peak period costs what it adds', () => {
    const flat = dayCost(run, hourlyTariff(priced({})));
    expect(flat.electric).toBeCloseTo(flat.kWh * base.prices.electricPerKWh, 9);
    expect(flat.demandAMonth).toBeNull();
    const peak = dayCost(
      run,
      hourlyTariff(priced({ byHour: 'peak', peakPerKWh: 0.5, peakFromHour: 6, peakToHour: 10 })),
    );
    expect(peak.electric - flat.electric).toBeCloseTo(peak.peakHoursKWh * (0.5 - base.prices.electricPerKWh), 9);
    const same = dayCost(run, hourlyTariff(priced({ byHour: 'peak', peakPerKWh: base.prices.electricPerKWh })));
    expect(same.electric).toBeCloseTo(flat.electric, 9);
  });

  test('peak hours may cross midnight', () => {
    const tariff = hourlyTariff(priced({ byHour: 'peak', peakPerKWh: 1, peakFromHour: 21, peakToHour: 5 }));
    expect([0, 4.9, 5, 20.9, 21].map((hour) => electricPriceAt(tariff, hour * 60))).toEqual([1, 1, 0.15, 0.15, 1]);
  });

  test('a demand charge is for the highest quarter hour', () => {
    const cost = dayCost(run, hourlyTariff(priced({ demandPerKW: 10 })));
    expect(cost.demandAMonth).toBeCloseTo(10 * cost.peakKW, 9);
    expect(cost.peakKW).toBeLessThanOrEqual(Math.max(...run.trace.kW));
    expect(cost.peakKW).toBeGreaterThan(cost.kWh / 24);
  });

  test('locking the strips out in peak hours saves money then, and costs degree-hours', () => {
    const facts = priced({ byHour: 'peak', peakPerKWh: 0.5, peakFromHour: 6, peakToHour: 9 });
    const job = jobOf(facts);
    const bitter = typedWeather({ leastF: 0, mostF: 10, humidity: 60 });
    const [stands, held] = [lived(job, 'stands', bitter), lived(job, 'peak-held', bitter)];
    for (let tick = 6 * 60 + 2; tick < 9 * 60; tick++) expect(held.run.trace.banksOn[tick]).toBe(0);
    expect(held.summary.cost.peakHoursKWh).toBeLessThan(stands.summary.cost.peakHoursKWh);
    expect(held.summary.degreeHoursShort).toBeGreaterThan(stands.summary.degreeHoursShort);
  });

  test('hourly use adds up to the day’s', () => {
    const tariff = hourlyTariff(base);
    const spans = energyBySpan(run, tariff);
    const cost = dayCost(run, tariff);
    expect(spans).toHaveLength(24);
    const sum = (of: (span: (typeof spans)[number]) => number) => spans.reduce((total, span) => total + of(span), 0);
    expect(sum(({ compressorKWh, stripsKWh: strips }) => compressorKWh + strips)).toBeCloseTo(cost.kWh, 6);
    expect(sum(({ stripsKWh: strips }) => strips)).toBeCloseTo(stripsKWh(run), 6);
    expect(sum(({ dollars }) => dollars)).toBeCloseTo(cost.total, 6);
  });
});

describe('events and headline', () => {
  test('a job with a gap names the lockouts that held both sources off, and for how long', () => {
    const facts = sample('juniper-flume');
    const day = lived(jobOf(facts), 'stands', typedWeather({ leastF: 30.5, mostF: 34.5, humidity: 60 }));
    const { isHeld, sentence } = dayHeadline(day, facts);
    expect(isHeld).toBe(false);
    expect(sentence).toMatch(/backup locked out above 30 °F/);
    const short = day.events.find(({ id }) => id === 'short-begins');
    expect(short?.words).toMatch(/backup locked out above 30 °F \(\d+ min\)/);
  });

  test('events are in order, each at its own change, and every compressor change is listed', () => {
    const day = lived(jobOf(assumedFacts()), 'stands', typedWeather({ leastF: 28, mostF: 40, humidity: 85 }));
    const times = day.events.map(({ atMin }) => atMin);
    expect(times).toEqual([...times].sort((a, b) => a - b));
    const { compressorStage } = day.run.trace;
    const turns = (from: number, to: number) =>
      Array.from(compressorStage).flatMap((stage, tick) =>
        tick > 0 && +(compressorStage[tick - 1]! > 0) === from && +(stage > 0) === to ? [tick] : [],
      );
    const told = (id: string) => day.events.filter((event) => event.id === id).map(({ atMin }) => atMin);
    expect(told('compressor-on')).toEqual(turns(0, 1));
    expect(told('compressor-off')).toEqual(turns(1, 0));
  });

  test('a house that holds its setpoint is reported as holding', () => {
    const facts = assumedFacts();
    const mild = lived(jobOf(facts), 'stands', typedWeather({ leastF: 44, mostF: 52, humidity: 60 }));
    expect(dayHeadline(mild, facts).isHeld).toBe(true);
    expect(mild.summary.shortMin).toBe(0);
  });

  test('an outage sends nothing and heats nothing, and the compressor then keeps its minimum off time', () => {
    const { run } = lived(jobOf(assumedFacts()), 'outage');
    for (let tick = 180; tick < 300; tick++) {
      expect(run.trace.compressorStage[tick]).toBe(0);
      expect(run.trace.signals[tick]).not.toMatch(/\b(Y|AUX|E|G)\b/);
    }
    expect(Math.max(...run.trace.compressorStage.slice(300, 360))).toBeGreaterThan(0);
  });
});

test('the moment of a tick is the call it makes, at its temperatures', () => {
  const { run } = lived(jobOf(assumedFacts()), 'stands', typedWeather({ leastF: 5, mostF: 34, humidity: 85 }));
  for (let tick = 0; tick < tickCount(run); tick += 7) {
    const { call, outdoorF, indoorF } = momentAt(run, tick);
    expect(Math.abs(outdoorF - run.trace.outdoorF[tick]!)).toBeLessThan(0.051);
    expect(Math.abs(indoorF - run.trace.roomF[tick]!)).toBeLessThan(0.051);
    if (call === 'off') expect(run.trace.signals[tick]).not.toMatch(/\bY\b/);
    if (call === 'heat-aux') expect(run.trace.signals[tick]).toMatch(/\bAUX\b/);
    expect(call === 'defrost').toBe(run.trace.inDefrost[tick]);
  }
});

describe('what-if variants of a day', () => {
  test.each(SAMPLES.map(({ id, facts }) => [id, facts] as const))(
    '%s: every one runs, and its energy balances',
    (_, facts) => {
      const job = jobOf(facts);
      const variants = variantsOf(job);
      expect(new Set(variants.map(({ id }) => id)).size).toBe(variants.length);
      for (const variant of variants) {
        const { energy, trace } = simulateDays(job, variant, cold, { ...DAY, minutes: 360, stepMin: 2 }).run;
        const off = energy.heatBtu + energy.gainsBtu - energy.lossBtu - energy.storedBtu;
        expect(Math.abs(off)).toBeLessThan(1e-6 * Math.max(1, Math.abs(energy.heatBtu), Math.abs(energy.lossBtu)));
        expect(trace.roomF.every(Number.isFinite)).toBe(true);
      }
    },
  );

  test('a miswired job runs differently from its plan, and a sound one does not', () => {
    const facts = assumedFacts();
    const open = jobOf(facts, withFault('open:outdoor-cable/yellow'));
    const tick = firstDifferentTick(lived(open, 'planned').run, lived(open).run);
    expect(tick).not.toBeNull();
    expect(variantsOf(jobOf(facts)).map(({ id }) => id)).not.toContain('planned');
    expect(firstDifferentTick(lived(jobOf(facts)).run, lived(jobOf(facts)).run)).toBeNull();
  });

  test('a wider droop uses less backup and leaves the room cooler; without lockouts a gap is gone', () => {
    const job = jobOf(assumedFacts());
    const bitter = typedWeather({ leastF: 2, mostF: 22, humidity: 60 });
    const [near, far] = ['droop-1', 'droop-4'].map((id) => lived(job, id, bitter));
    expect(far!.summary.degreeHoursShort).toBeGreaterThan(near!.summary.degreeHoursShort);
    expect(far!.summary.stripsHours).toBeLessThan(near!.summary.stripsHours);
    const holed = jobOf(sample('juniper-flume'));
    const inIt = typedWeather({ leastF: 31, mostF: 34, humidity: 60 });
    const [held, free] = ['stands', 'no-lockouts'].map((id) => lived(holed, id, inIt));
    expect(held!.summary.shortMin).toBeGreaterThan(600);
    expect(free!.summary.shortMin).toBe(0);
  });

  test('a learning thermostat calls the backup sooner each day, and never by more than its limit', () => {
    const week = { ...DAY, minutes: 5 * 1440, stepMin: 1 };
    const { run } = lived(jobOf(assumedFacts()), 'learns', typedWeather({ leastF: 6, mostF: 14, humidity: 60 }), week);
    const daily = [1, 2, 3, 4].map((day) => run.trace.shiftF[day * 1440 + 720]!);
    expect(Math.max(...daily)).toBeGreaterThan(0);
    expect(Math.max(...run.trace.shiftF)).toBeLessThanOrEqual(2);
  });
});

test('a month: demand defrosts least, thirty minutes most; a low charge ices up in damp cold, a good unit does not', () => {
  const months = boardMonths(jobOf(sample('juniper-flume')), climate('alder-sound'), 38);
  const of = (id: string) => months.find((each) => each.id === id)!;
  expect(of('board-30').defrosts).toBeGreaterThan(of('board-60').defrosts);
  expect(of('board-60').defrosts).toBeGreaterThan(of('board-90').defrosts);
  expect(of('board-demand').defrosts).toBeLessThan(of('board-30').defrosts);
  expect([of('stands'), of('low-charge')].map(({ isSnowballing }) => isSnowballing)).toEqual([false, true]);
  expect(of('fan-failed').kWh).toBeGreaterThan(of('stands').kWh);
  expect(boardAdvice(months)).toMatch(/saves \$\d|costs least|cost the same/);
});

test('one defrost second by second: frost melts at freezing, then the coil warms until the board terminates', () => {
  const job = jobOf(assumedFacts());
  const damp = typedWeather({ leastF: 30, mostF: 36, humidity: 90 });
  const [stands, low] = ['stands', 'low-charge'].map((id) => magnified(job, variantsById(job, [id])[0]!, damp, 0)!);
  expect(stands!.run.stepMin).toBeCloseTo(1 / 60, 12);
  expect(stands!.ended).toBe('coil');
  expect(stands!.leftLb).toBeLessThan(0.05);
  expect(stands!.lastsMin).toBeLessThan(10);
  const begins = Math.round(stands!.beginsMin * 60);
  expect([stands!.run.trace.inDefrost[begins - 1], stands!.run.trace.inDefrost[begins]]).toEqual([false, true]);
  expect(low!.leftLb).toBeGreaterThan(1);
  expect(boardWords(stands!)).toMatch(/terminated on coil temperature, 0(\.0\d)? lb/);
  expect(boardWords(low!)).toMatch(/timed out|cut short/);
  const warm = typedWeather({ leastF: 55, mostF: 60, humidity: 60 });
  expect(magnified(job, variantsById(job, ['stands'])[0]!, warm, 0)).toBeNull();
});

test('with a furnace, the compressor stays off until the air at the coil has cooled by its difference', () => {
  const facts = sample('tamarack-spur');
  const kit: Facts = {
    ...facts,
    furnace: { ...facts.furnace, interlock: 'kit', supplyAirLimitF: 100, supplyAirDifferentialF: 10 },
    gates: { ...facts.gates, compressorBelowF: null },
  };
  const { run } = lived(jobOf(kit), 'stands', typedWeather({ leastF: 5, mostF: 30, humidity: 60 }));
  expect(run.trace.furnaceStage.some((stage) => stage > 0)).toBe(true);
  for (let tick = 1; tick < tickCount(run); tick++)
    if (run.trace.compressorStage[tick]! > 0 && run.trace.compressorStage[tick - 1] === 0)
      expect(run.trace.supplyF[tick - 1]!).toBeLessThanOrEqual(100);
});

test('a high-voltage cutout keeps the compressor off while Y is sent, and releases it after its delay', () => {
  const { run, events } = lived(
    jobOf(assumedFacts()),
    'line-low',
    typedWeather({ leastF: 15, mostF: 30, humidity: 60 }),
  );
  for (let tick = 300; tick < 323; tick++) expect(run.trace.compressorStage[tick]).toBe(0);
  expect(run.trace.signals.slice(300, 323).some((signals) => / Y/.test(` ${signals}`))).toBe(true);
  expect(Math.max(...run.trace.compressorStage.slice(323, 340))).toBeGreaterThan(0);
  expect(events.find(({ atMin, id }) => id === 'compressor-off' && atMin === 300)?.words).toMatch(
    /with Y still energized/,
  );
});

test('a locked-out board leaves the house to its backup', () => {
  const { run } = lived(jobOf(assumedFacts()), 'board-locked-out');
  expect(Math.max(...run.trace.compressorStage)).toBe(0);
  expect(Math.max(...run.trace.banksOn)).toBeGreaterThan(0);
});

test('a run as CSV: a line for each tick, its time, its figures', () => {
  const { run } = lived(jobOf(assumedFacts()), 'stands', cold, { ...DAY, minutes: 90 });
  const lines = dayCsv(run).split('\r\n');
  expect(lines).toHaveLength(91);
  expect(lines[0]).toMatch(/^day,time,minute,room °F,setpoint °F/);
  expect(lines[61]!.split(',').slice(0, 3)).toEqual(['1', '1:00', '60']);
  expect(Number(lines[61]!.split(',')[3])).toBeCloseTo(run.trace.roomF[60]!, 1);
});

describe('what a screen receives', () => {
  test('a thinned line keeps lowest and highest, in order, and no more points than asked', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -50, max: 150, noNaN: true }), { minLength: 1, maxLength: 900 }),
        fc.integer({ min: 4, max: 200 }),
        (values, most) => {
          const { points, least, most: highest } = stripLine(values, most);
          expect(points.length).toBeLessThanOrEqual(most + 2);
          expect([least, highest]).toEqual([Math.min(...values), Math.max(...values)]);
          expect(points.map(([, value]) => value)).toEqual(expect.arrayContaining([least, highest]));
          for (const [tick, value] of points) expect(values[tick]).toBe(value);
          expect(points.map(([tick]) => tick)).toEqual(points.map(([tick]) => tick).sort((a, b) => a - b));
        },
      ),
      { numRuns: 100 },
    );
  });

  test('periods cover what is on, and nothing else if the screen is wide enough', () => {
    const levels = [0, 1, 1, 2, 2, 0, 0, 1];
    expect(stripSpells(levels, 100)).toEqual([
      { fromTick: 1, toTick: 3, level: 1 },
      { fromTick: 3, toTick: 5, level: 2 },
      { fromTick: 7, toTick: 8, level: 1 },
    ]);
    expect(stripSpells(levels, 4)).toEqual([{ fromTick: 1, toTick: 8, level: 2 }]);
  });
});
