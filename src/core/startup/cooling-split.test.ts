import fc from 'fast-check';
import { enthalpyBtuPerLb, humidityRatio, saturatedHumidity, saturationPsia } from '../units/moist-air';
import { coolingSplitF } from './cooling-split';

const rated = { tons: 3, cfm: 1200, returnF: 80, wetBulbF: 67, elevationFt: 0 };

test('moist air agrees with the steam and psychrometric tables', () => {
  expect(saturationPsia(32)).toBeCloseTo(0.0887, 3);
  expect(saturationPsia(70)).toBeCloseTo(0.3633, 3);
  expect(saturatedHumidity(55, 0)).toBeCloseTo(0.00923, 4);
  expect(humidityRatio(80, 67, 0)).toBeCloseTo(0.0112, 4);
  expect(enthalpyBtuPerLb(80, humidityRatio(80, 67, 0))).toBeCloseTo(31.45, 1);
});

test('80/67 °F at 400 CFM per ton splits about 20 °F', () => {
  expect(coolingSplitF(rated)).toBeGreaterThan(19);
  expect(coolingSplitF(rated)).toBeLessThan(22);
});

test.each([
  ['dry return air', { returnF: 75, wetBulbF: 57 }, 24.4],
  ['usual return air', { returnF: 75, wetBulbF: 63 }, 20.5],
  ['damp return air', { returnF: 75, wetBulbF: 66 }, 17.6],
  ['300 CFM a ton', { cfm: 900 }, 24.9],
  ['500 CFM a ton', { cfm: 1500 }, 18.4],
])('%s', (_, change, splitF) => expect(coolingSplitF({ ...rated, ...change })).toBeCloseTo(splitF, 1));

test('damper air and more air always split less, and never more than the sensible heat alone', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 68, max: 85, noNaN: true }),
      fc.double({ min: 3, max: 16, noNaN: true }),
      fc.double({ min: 700, max: 1600, noNaN: true }),
      (returnF, depressionF, cfm) => {
        const at = (change: Partial<typeof rated>) =>
          coolingSplitF({ ...rated, returnF, wetBulbF: returnF - depressionF, cfm, ...change });
        expect(at({ wetBulbF: returnF - depressionF + 1 })).toBeLessThanOrEqual(at({}) + 0.4);
        expect(at({ cfm: cfm * 1.1 })).toBeLessThan(at({}));
        expect(at({})).toBeGreaterThan(5);
      },
    ),
  );
});
