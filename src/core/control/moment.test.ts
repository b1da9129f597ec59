import fc from 'fast-check';
import { CONDITIONS } from './conditions';
import { atOutdoor, CALL_IDS, DEFAULT_MOMENT, momentFromQuery, momentToQuery, nextCall } from './moment';
import { type FaultCode, NO_FAULTS, parseScenario } from './scenario';

test('a moment survives the address bar', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -20, max: 70 }),
      fc.integer({ min: 40, max: 95 }),
      fc.constantFrom(...CALL_IDS),
      fc.subarray(CONDITIONS.map(({ id }) => id)),
      fc.uniqueArray(fc.constantFrom<FaultCode>('open:thermostat-cable/yellow', 'stuck-open:thermostat R–O/B'), {
        maxLength: 2,
      }),
      (outdoorF, indoorF, call, conditions, faults) => {
        const moment = { outdoorF, indoorF, call, scenario: { conditions, faults } };
        const query = new URLSearchParams(momentToQuery(moment));
        expect(momentFromQuery((name) => query.get(name))).toEqual(moment);
      },
    ),
  );
});

test('nonsense in the address falls back to defaults, and numbers stay on the scale', () => {
  expect(momentFromQuery((name) => (name === 'try' ? null : 'nonsense'))).toEqual(DEFAULT_MOMENT);
  expect(momentFromQuery((name) => (name === 'out' ? '900' : null)).outdoorF).toBe(70);
  expect(atOutdoor(DEFAULT_MOMENT, -99.6).outdoorF).toBe(-20);
});

test('a call round-trips', () => {
  expect(CALL_IDS.reduce((call) => nextCall(call), CALL_IDS[0]!)).toBe(CALL_IDS[0]);
});

test('a code that names nothing tries nothing', () => {
  expect(parseScenario('gremlins~open:~<b>')).toEqual(NO_FAULTS);
  expect(parseScenario(null)).toEqual(NO_FAULTS);
  expect(parseScenario(Array.from({ length: 50 }, (_, at) => `open:${at}`).join('~')).faults.length).toBeLessThan(10);
});
