import fc from 'fast-check';
import { readLoggerCsv } from '../../formats/logger-csv';
import { assumedFacts, type Facts } from '../../job/document';
import { chance } from '../../units/chance';
import { fitHouse } from './fit-house';
import { houseStepper, type HouseThermal } from './house';
import { jobHouse, jobTimeConstant } from './job-house';
import { loggedSteps } from './logged';
import { coolDownH, timeConstantH, withTimeConstant } from './time-constant';

const START = jobHouse(assumedFacts());

/** A house logged every five minutes for two days, heated by a thermostat that knows no better. */
const logged = (house: HouseThermal, noiseF: number, seed = 7) => {
  const next = chance(seed);
  const step = houseStepper(house, 5);
  let state = { roomF: 68, massF: 67 };
  let isOn = false;
  return Array.from({ length: 576 }, (_, at) => {
    const outdoorF = 25 + 10 * Math.sin((at / 288) * 2 * Math.PI);
    // A setback at night, so that the house is seen to cool and to climb.
    const wishF = at % 288 < 72 || at % 288 > 264 ? 60 : 68;
    isOn = isOn ? state.roomF < wishF + 0.5 : state.roomF < wishF - 0.5;
    const heatBtuh = isOn ? 52_000 : 0;
    const line = { atMin: at * 5, roomF: state.roomF + noiseF * (next() - 0.5), outdoorF, heatBtuh };
    state = step(state, heatBtuh, outdoorF).state;
    return line;
  });
};

test('a logged house is recovered: loss within 2 %, time constant within 5 %, with logger noise', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.6, max: 1.5, noNaN: true }),
      fc.double({ min: 0.5, max: 2.5, noNaN: true }),
      fc.integer({ min: 1, max: 1000 }),
      (loss, mass, seed) => {
        const house = { ...START, lossBtuhPerF: START.lossBtuhPerF * loss, massBtuPerF: START.massBtuPerF * mass };
        const fit = fitHouse(START, logged(house, 0.4, seed))!;
        expect(Math.abs(fit.lossBtuhPerF.value / house.lossBtuhPerF - 1)).toBeLessThan(0.02);
        expect(Math.abs(fit.timeConstantH.value / timeConstantH(house) - 1)).toBeLessThan(0.05);
        expect(fit.residualF).toBeLessThan(0.2);
        // The spread is honest: the truth lies within a few of it.
        expect(Math.abs(fit.lossBtuhPerF.value - house.lossBtuhPerF)).toBeLessThan(6 * fit.lossBtuhPerF.spread + 1);
      },
    ),
    { numRuns: 12 },
  );
});

test('more noise, more spread; too short a file gives nothing', () => {
  const [quiet, noisy] = [0.1, 1.5].map((noiseF) => fitHouse(START, logged(START, noiseF))!);
  expect(noisy!.lossBtuhPerF.spread).toBeGreaterThan(3 * quiet!.lossBtuhPerF.spread);
  expect(fitHouse(START, logged(START, 0).slice(0, 10))).toBeNull();
  expect(fitHouse(START, [])).toBeNull();
});

test('a cool-down gives the time constant that made it', () => {
  for (const hours of [12, 30, 60]) {
    const house = withTimeConstant(START, hours);
    expect(timeConstantH(house)).toBeCloseTo(hours, 3);
    // Cooled until the fast part is gone, then read twice.
    const step = houseStepper({ ...house, gainsBtuh: house.gainsBtuh * 0.5 }, 60);
    let state = { roomF: 68, massF: 68 };
    const rooms = Array.from({ length: 14 }, () => (state = step(state, 0, 20).state).roomF);
    const read = coolDownH({ fromF: rooms[3]!, toF: rooms[12]!, hours: 9, outdoorF: 20 }, house, 0.5)!;
    expect(Math.abs(read / hours - 1)).toBeLessThan(0.02);
  }
  expect(coolDownH({ fromF: 66, toF: 68, hours: 8, outdoorF: 20 }, START, 0.5)).toBeNull();
  expect(coolDownH({ fromF: 66, toF: 21, hours: 8, outdoorF: 60 }, START, 0.5)).toBeNull();
});

test('a job’s house: a logger overrides a cool-down, a cool-down overrides the construction', () => {
  const of = (house: Partial<Facts['house']>) => {
    const facts = assumedFacts();
    return jobTimeConstant({ ...facts, house: { ...facts.house, ...house } });
  };
  const night = { fromF: 68, toF: 61, hours: 8, outdoorF: 20 };
  expect(of({ weight: 'heavy' }).hours).toBeGreaterThan(1.4 * of({ weight: 'light' }).hours);
  expect(of({})).toMatchObject({ from: 'weight' });
  expect(of({ coolDowns: [night] })).toMatchObject({ from: 'cool-down' });
  expect(of({ coolDowns: [night], timeConstantH: 40 })).toMatchObject({ from: 'logger', hours: expect.closeTo(40, 2) });
});

describe('a logger’s file', () => {
  const read = (text: string) => readLoggerCsv(text);

  test('reads times, room, outdoor and what ran; °C by its header, two stages by their figures', () => {
    const answer = read(
      'Time,Room °C,Outdoor °C,Stage,Aux\n2026-01-14 05:00,20,-5,1,off\n2026-01-14 05:10,20.5,-5,2,on\n',
    );
    expect(answer).toEqual({
      ok: true,
      value: [
        { atMin: expect.any(Number), roomF: 68, outdoorF: 23, compressor: 0.5, backup: 0 },
        { atMin: expect.any(Number), roomF: expect.closeTo(68.9, 6), outdoorF: 23, compressor: 1, backup: 1 },
      ],
    });
    expect(answer.ok && answer.value[1]!.atMin - answer.value[0]!.atMin).toBe(10);
  });

  test.each([
    ['', '', /empty/],
    ['a,b\n1,2', 'line 1', /no column named time/],
    ['time,room,outdoor\nsoon,68,20', 'line 2', /not a time/],
    ['time,room,outdoor\n0,warm,20', 'line 2', /not a room temperature/],
    ['time,room,outdoor\n0,68,900', 'line 2', /not an outdoor temperature/],
    ['time,room,outdoor\n5,68,20\n5,68,20', 'line 3', /before the line above/],
    ['time,room,outdoor,aux\n0,68,20,maybe', 'line 2', /neither on, off/],
  ] as const)('%j is refused with its place', (text, path, error) => {
    expect(read(text)).toEqual({ ok: false, path, error: expect.stringMatching(error) });
  });

  test('any input gets an answer', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        expect(typeof read(text).ok).toBe('boolean');
      }),
    ));

  test('the heat of each line follows the facts of what ran', () => {
    const facts = assumedFacts();
    const line = { atMin: 0, roomF: 68, outdoorF: 17 };
    const [off, on, both] = loggedSteps(facts, [
      { ...line, compressor: 0, backup: 0 },
      { ...line, compressor: 1, backup: 0 },
      { ...line, compressor: 1, backup: 1 },
    ]);
    // At midnight people and lamps give less than on average.
    expect(off!.heatBtuh).toBeLessThan(0);
    expect(on!.heatBtuh).toBeGreaterThan(off!.heatBtuh + 5000);
    expect(both!.heatBtuh).toBeGreaterThan(on!.heatBtuh + 10_000);
  });
});
