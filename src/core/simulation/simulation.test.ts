import fc from 'fast-check';
import { houseStepper, type HouseThermal, storedBtu } from './house/house';
import { frostGrowth } from './outdoors/frost';

const house: fc.Arbitrary<HouseThermal> = fc.record({
  lossBtuhPerF: fc.integer({ min: 100, max: 2000 }),
  airBtuPerF: fc.integer({ min: 300, max: 4000 }),
  massBtuPerF: fc.integer({ min: 2000, max: 40_000 }),
  couplingBtuhPerF: fc.integer({ min: 500, max: 12_000 }),
  gainsBtuh: fc.integer({ min: 0, max: 6000 }),
});
const temperatureF = fc.integer({ min: -20, max: 90 });

test('a house is exact at any step: sixty short steps equal one long one', () => {
  fc.assert(
    fc.property(
      house,
      temperatureF,
      temperatureF,
      fc.integer({ min: 0, max: 60_000 }),
      (given, roomF, outdoorF, heat) => {
        const [short, long] = [houseStepper(given, 1), houseStepper(given, 60)];
        const start = { roomF, massF: roomF - 2 };
        let state = start;
        for (let at = 0; at < 60; at++) state = short(state, heat, outdoorF).state;
        const once = long(start, heat, outdoorF).state;
        expect(state.roomF).toBeCloseTo(once.roomF, 8);
        expect(state.massF).toBeCloseTo(once.massF, 8);
      },
    ),
  );
});

test('heat in, minus heat lost, is what the house stores', () => {
  fc.assert(
    fc.property(
      house,
      temperatureF,
      temperatureF,
      fc.integer({ min: 0, max: 60_000 }),
      (given, roomF, outdoorF, heat) => {
        const before = { roomF, massF: roomF + 3 };
        const { state, meanRoomF } = houseStepper(given, 15)(before, heat, outdoorF);
        const lossBtu = (given.lossBtuhPerF * (meanRoomF - outdoorF)) / 4;
        const inBtu = (heat + given.gainsBtuh) / 4;
        expect(Math.abs(inBtu - lossBtu - storedBtu(given, before, state))).toBeLessThan(1e-6 * Math.max(1, inBtu));
      },
    ),
  );
});

test('left alone, a house settles where its gains hold it above outdoors', () => {
  const given = { lossBtuhPerF: 500, airBtuPerF: 900, massBtuPerF: 9000, couplingBtuhPerF: 4000, gainsBtuh: 2500 };
  const rest = houseStepper(given, 60 * 24 * 60)({ roomF: 68, massF: 66 }, 0, 20).state;
  expect(rest.roomF).toBeCloseTo(25, 6);
  expect(rest.massF).toBeCloseTo(25, 6);
});

test('more moisture, a colder coil and more air grow more frost; a coil at freezing grows none', () => {
  const coil = { outdoorF: 35, relativeHumidity: 0.8, coilF: 22, elevationFt: 0, airLbPerHour: 3900, contact: 0.15 };
  const rate = (change: Partial<typeof coil>) => frostGrowth({ ...coil, ...change }).lbPerHour;
  expect(rate({ relativeHumidity: 0.95 })).toBeGreaterThan(rate({}));
  expect(rate({ coilF: 15 })).toBeGreaterThan(rate({}));
  expect(rate({ airLbPerHour: 7800 })).toBeCloseTo(2 * rate({}), 9);
  expect(rate({ coilF: 32 })).toBe(0);
  expect(rate({ relativeHumidity: 0.2 })).toBe(0);
});
