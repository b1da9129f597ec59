import { crossingChart } from '@/core/crossing/chart';
import { SAMPLES } from '@/core/samples';
import { labelPlaces, markRows, pathOf, percentDown, valueTicks } from './plot';

const plot = { spanF: [-20, 70] as const, most: 50_000 };

test('zero lies at the foot, the most at the top', () =>
  expect([percentDown(plot, 0), percentDown(plot, 50_000), percentDown(plot, 25_000)]).toEqual([100, 0, 50]));

test('a path goes through its corners', () =>
  expect(
    pathOf(plot, [
      [-20, 50_000],
      [70, 0],
    ]),
  ).toBe('M0.000 0.000L100.000 100.000'));

test.each(SAMPLES.map(({ id, facts }) => [id, facts] as const))(
  '%s: no label covers another, and the load has one',
  (_, facts) => {
    const { lines, mostBtuh, spanF } = crossingChart(facts);
    const places = labelPlaces({ spanF, most: mostBtuh }, lines);
    expect(places.map(({ id }) => id)).toContain('load');
    for (const one of places)
      for (const other of places)
        if (one !== other)
          expect(Math.abs(one.across - other.across) > 16 || Math.abs(one.down - other.down) > 7).toBe(true);
  },
);

test('marks that lie close stand in different rows', () => {
  const marks = [
    { id: 'a', label: 'a', atF: 20 },
    { id: 'b', label: 'b', atF: 22 },
    { id: 'c', label: 'c', atF: 60 },
  ];
  expect(markRows(plot.spanF, marks, () => 12).map(({ row }) => row)).toEqual([0, 1, 0]);
});

test.each([
  [50_000, [0, 10_000, 20_000, 30_000, 40_000, 50_000]],
  [37_000, [0, 10_000, 20_000, 30_000]],
  [4.2, [0, 1, 2, 3, 4]],
])('up to %d', (most, ticks) => expect(valueTicks(most)).toEqual(ticks));
