import fc from 'fast-check';
import { assumedFacts, type Facts } from '../job/document';
import { generalDemandVA, serviceAmps } from './demand';
import { serviceLoad } from './service-load';

const element = (bank: number) => ({ kW: 4.8, bank, onS: 20, offS: 60 });
const house = (more: Partial<Facts['service']> = {}, load: Partial<Facts['load']> = {}): Facts => {
  const facts = assumedFacts();
  return {
    ...facts,
    heatKit: { ...facts.heatKit, elements: [element(1), element(1), element(2)], serviceVolts: 240 },
    service: { ...facts.service, otherKVA: 27.4, motorKVA: 4.35, mainAmps: 150, ...more },
    load: { ...facts.load, ...load },
  };
};
const amps = (facts: Facts, id: string) => serviceLoad(facts).states.find((state) => state.id === id)!.amps;

test('27.4 kVA of other load, 14.4 kW of strips, 4.35 kVA of motors: 143.8 A; with a 4.8 kW bank locked out: 123.8 A', () => {
  expect(generalDemandVA(27_400)).toBeCloseTo(15_760, 6);
  expect(amps(house(), 'all')).toBeCloseTo(143.79, 2);
  expect(amps(house(), 'without-2')).toBeCloseTo(123.79, 2);
});

test('if the strips are locked out with the compressor on, the strips alone are the largest load', () => {
  const facts = house();
  const blower = facts.airHandler.blowerAmps * 240;
  expect(amps(facts, 'emergency')).toBeCloseTo(serviceAmps(15_760 + 14_400 + blower, 240), 6);
});

test('the main breaker decides, and is asked for if not read', () => {
  const carried = (mainAmps: number | null) =>
    serviceLoad(house({ mainAmps })).states.map(({ isCarried }) => isCarried);
  expect(carried(150)).toEqual([true, true, true]);
  expect(carried(125)).toEqual([false, true, false]);
  expect(carried(null)).toEqual([null, null, null]);
  expect(serviceLoad(house({ mainAmps: null })).missing[0]).toMatch(/^Main breaker size not entered/);
});

test('added line by line: floor, circuits, appliances; text that is not a number counts as zero', () => {
  const { other, otherVA, missing } = serviceLoad(
    house(
      {
        otherKVA: null,
        appliances: [
          { name: 'Range', va: '12,000' },
          { name: 'Dryer', va: 'big' },
        ],
      },
      { floorFt2: 1_800 },
    ),
  );
  expect(other.map(({ label, va }) => [label, va])).toEqual([
    ['Lighting and receptacles', 5_400],
    ['Small-appliance and laundry circuits', 4_500],
    ['Range', 12_000],
  ]);
  expect(otherVA).toBe(21_900);
  expect(missing).toEqual([]);
});

test('what is missing is reported', () => {
  const { missing } = serviceLoad(house({ otherKVA: null, motorKVA: null, mainAmps: null }));
  expect(missing.map((line) => line.split(':')[0])).toEqual([
    'Main breaker size not entered. Read it off the handle. Until then the service cannot be checked.',
    'Floor area not entered',
    'No appliances entered. Add range, oven, water heater, dryer, pump and EV charger at nameplate VA.',
    'Compressor RLA not entered. Enter it on the Survey, or its kVA here.',
  ]);
});

test('more of anything never means fewer amps, and the remainder never counts in full', () => {
  const kVA = fc.double({ min: 0, max: 100, noNaN: true });
  fc.assert(
    fc.property(kVA, kVA, (one, other) => {
      const [less, more] = [Math.min(one, other), Math.max(one, other)].map((each) => each * 1_000) as [number, number];
      expect(generalDemandVA(more)).toBeGreaterThanOrEqual(generalDemandVA(less));
      expect(generalDemandVA(more) - generalDemandVA(less)).toBeLessThanOrEqual(more - less + 1e-9);
    }),
  );
});
