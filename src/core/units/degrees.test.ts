import fc from 'fast-check';
import {
  apartF,
  apartFromScale,
  apartOnScale,
  DEGREES,
  fromScale,
  inScale,
  nearestF,
  onScale,
  steppedF,
} from './degrees';

test('temperatures and differences convert differently, and come back as entered', () => {
  expect(onScale('C', 47)).toBeCloseTo(8.333, 3);
  expect(onScale('C', -40)).toBe(-40);
  expect(apartOnScale('C', 9)).toBe(5);
  fc.assert(
    fc.property(fc.integer({ min: -600, max: 1500 }), (tenths) => {
      const typed = tenths / 10;
      expect(Number(DEGREES.C.figure(fromScale('C', typed)))).toBeCloseTo(typed, 10);
      expect(apartOnScale('C', apartFromScale('C', typed))).toBeCloseTo(typed, 2);
    }),
  );
});

test.each([
  ['locked out below 5 °F, and it is 23 °F out.', 'locked out below -15 °C, and it is -5 °C out.'],
  [
    'From 14 to 32 °F outside, no heat source is allowed to run.',
    'From -10 to 0 °C outside, no heat source is allowed to run.',
  ],
  ['Outdoor thermostats at 32, 41 °F stand in one circuit.', 'Outdoor thermostats at 0, 5 °C stand in one circuit.'],
  [`The room must recover at least ${apartF(9)}.`, 'The room must recover at least 5 °C.'],
  [
    `Return 68 °F + rise ${apartF('18 to 36')}: heat pump at 50 °F`,
    'Return 20 °C + rise 10 to 20 °C: heat pump at 10 °C',
  ],
  ['600 Btu/h per °F.', '1,080 Btu/h per °C.'],
  ['Strips 3 and 4 draw 20 A; 12,500 Btu/h in 1,027 CFM.', 'Strips 3 and 4 draw 20 A; 12,500 Btu/h in 1,027 CFM.'],
  ['−40 °F', '-40 °C'],
])('%s', (inF, inC) => {
  expect(inScale('C', inF)).toBe(inC);
  expect(inScale('F', inF)).toBe(inF);
});

test('a step goes to the next mark of its own scale', () => {
  expect(steppedF('F', 47, 1)).toBe(48);
  expect(onScale('C', steppedF('C', 47, 1))).toBeCloseTo(8.5, 2);
  expect(onScale('C', steppedF('C', 47, -1))).toBeCloseTo(8, 2);
  fc.assert(
    fc.property(fc.integer({ min: -80, max: 150 }), fc.integer({ min: 1, max: 9 }), (halves, steps) => {
      const atF = fromScale('C', halves / 2);
      expect(onScale('C', steppedF('C', atF, steps))).toBeCloseTo((halves + steps) / 2, 6);
      expect(onScale('C', steppedF('C', atF, -steps))).toBeCloseTo((halves - steps) / 2, 6);
      expect(nearestF('C', atF)).toBe(atF);
    }),
  );
});

test('ticks are round in the scale shown', () => {
  expect(DEGREES.F.ticks([-8, 23], 10).map(({ value }) => value)).toEqual([0, 10, 20]);
  const inC = DEGREES.C.ticks([-40, 32], 10);
  expect(inC.map(({ value }) => value)).toEqual([-40, -30, -20, -10, 0]);
  expect(inC.map(({ atF }) => atF)).toEqual([-40, -22, -4, 14, 32]);
});
