import fc from 'fast-check';
import { assumedFacts, type FactPath, type Facts, withFact } from '../job/document';
import { possibleGap } from './possible-gap';
import { gapByTolerance } from './rules/gap-by-tolerance';

const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const WIRED = ['thermostat.outdoorSensor', 'wired'] as const;
const dial = (closesBelowF: number) => ['gates.outdoorThermostats', [{ bank: 0, closesBelowF }]] as const;

test('a lockout of 30 ± 2 and a dial of 32 ± 4 leave a gap one time in four; 36 on the dial closes it', () => {
  // By hand: the dial is uniform over 28 to 36, the lockout over 28 to 32; the dial is colder with (mean 30 − 28) ÷ 8.
  const found = possibleGap(facts(WIRED, ['gates.compressorBelowF', 30], dial(32)))!;
  expect(found.chance).toBeCloseTo(0.25, 3);
  expect(found.spanF).toEqual([28, 32]);
  expect(found.closedBy).toMatchObject({ label: 'outdoor thermostat 1', atF: 36 });
  expect(possibleGap(facts(WIRED, ['gates.compressorBelowF', 30], dial(36)))).toBeNull();
  expect(possibleGap(facts(WIRED, ['gates.compressorBelowF', 30], dial(35)))!.chance).toBeGreaterThan(0);
});

test('lockouts on one sensor share its error: only their own tolerance leaves a gap', () => {
  const meeting = facts(WIRED, ['gates.compressorBelowF', 30], ['gates.auxAboveF', 30]);
  expect(possibleGap(meeting)).toMatchObject({ chance: 1, closedBy: { label: 'the backup lockout', atF: 32 } });
  expect(possibleGap(facts(WIRED, ['gates.compressorBelowF', 30], ['gates.auxAboveF', 32]))).toBeNull();
});

test('a bank without a lockout closes every gap; a bank with one does so as far as its dial reaches', () => {
  const bankOne = ['gates.outdoorThermostats', [{ bank: 2, closesBelowF: 20 }]] as const;
  const twoBanks = [
    'heatKit.elements',
    [
      { kW: 4.8, bank: 1, circuit: 1 },
      { kW: 4.8, bank: 2, circuit: 1 },
    ],
  ] as const;
  expect(possibleGap(facts(WIRED, ['gates.compressorBelowF', 30], twoBanks, bankOne))).toBeNull();
});

test('without a compressor lockout or unit cutoff there is no gap; a lockout not in effect does not count', () => {
  expect(possibleGap(facts(dial(20)))).toBeNull();
  expect(possibleGap(facts(['gates.compressorBelowF', 30], dial(20)))).toBeNull();
  expect(possibleGap(facts(['outdoorUnit.minOutdoorF', 25], dial(27)))!.chance).toBeGreaterThan(0);
});

test('the chance matches random draws of the errors, and the named marker closes the gap', () =>
  fc.assert(
    fc.property(
      fc.record({
        lockoutF: fc.integer({ min: 10, max: 45 }),
        dialF: fc.integer({ min: 10, max: 45 }),
        sensorErrorF: fc.integer({ min: 0, max: 6 }),
        dialErrorF: fc.integer({ min: 0, max: 8 }),
        auxAboveF: fc.option(fc.integer({ min: 10, max: 60 })),
      }),
      ({ lockoutF, dialF, sensorErrorF, dialErrorF, auxAboveF }) => {
        const of = facts(
          WIRED,
          ['gates.compressorBelowF', lockoutF],
          ['gates.auxAboveF', auxAboveF],
          dial(dialF),
          ['proof.sensorErrorF', sensorErrorF],
          ['proof.dialErrorF', dialErrorF],
        );
        const play = of.proof.lockoutPlayF;
        // Every pair of errors from a uniform grid, as an independent count.
        let [holes, all] = [0, 0];
        for (let one = 0; one < 60; one++)
          for (let other = 0; other < 60; other++) {
            const sensorF = sensorErrorF * ((2 * one + 1) / 60 - 1);
            const closesF = dialF + dialErrorF * ((2 * other + 1) / 60 - 1);
            const comesF = Math.min(closesF, auxAboveF === null ? Infinity : auxAboveF - play - sensorF);
            holes += Number(comesF < lockoutF - sensorF);
            all++;
          }
        const found = possibleGap(of);
        expect(Math.abs((found?.chance ?? 0) - holes / all)).toBeLessThan(0.03);
        if (found) {
          let closed: Facts = of;
          for (let turn = 0; turn < 2 && possibleGap(closed); turn++) {
            const { change } = possibleGap(closed)!.closedBy;
            closed = withFact(closed, change.path, change.value);
          }
          expect(possibleGap(closed)).toBeNull();
        }
      },
    ),
    { numRuns: 150 },
  ));

test('the rule says it in words, with the fix; a certain gap is left to its own rule', () => {
  const [found] = gapByTolerance.check(facts(WIRED, ['gates.compressorBelowF', 30], dial(32)));
  expect(found!.what).toMatch(/one time in 4 there is a gap somewhere from 28 to 32 °F/);
  expect(found!.fix).toMatch(/Set outdoor thermostat 1 to 36 °F or higher/);
  expect(gapByTolerance.check(facts(WIRED, ['gates.compressorBelowF', 30], dial(20)))).toEqual([]);
});
