import fc from 'fast-check';
import { atOutdoor, CALL_IDS, DEFAULT_MOMENT, momentFromQuery, momentToQuery, nextCall } from './moment';

test('a moment survives the address bar', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -20, max: 70 }),
      fc.integer({ min: 40, max: 95 }),
      fc.constantFrom(...CALL_IDS),
      fc.option(fc.string({ minLength: 1, maxLength: 120 })),
      (outdoorF, indoorF, call, trying) => {
        const query = new URLSearchParams(momentToQuery({ outdoorF, indoorF, call, trying }));
        expect(momentFromQuery((name) => query.get(name))).toEqual({ outdoorF, indoorF, call, trying });
      },
    ),
  );
});

test('nonsense in the address falls back, and numbers are kept on the scale', () => {
  expect(momentFromQuery((name) => (name === 'try' ? null : 'nonsense'))).toEqual(DEFAULT_MOMENT);
  expect(momentFromQuery((name) => (name === 'out' ? '900' : null)).outdoorF).toBe(70);
  expect(atOutdoor(DEFAULT_MOMENT, -99.6).outdoorF).toBe(-20);
});

test('the call goes round', () => {
  expect(CALL_IDS.reduce((call) => nextCall(call), CALL_IDS[0]!)).toBe(CALL_IDS[0]);
});
