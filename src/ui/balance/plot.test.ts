import { balanceChart } from '@/core/balance/chart';
import { SAMPLES } from '@/core/samples';
import { labelPlaces, labelReach, pathOf, percentDown, valueTicks } from './plot';

const plot = { spanF: [-20, 70] as const, most: 50_000 };

test('zero is at the bottom, the maximum at the top', () =>
  expect([percentDown(plot, 0), percentDown(plot, 50_000), percentDown(plot, 25_000)]).toEqual([100, 0, 50]));

test('a path goes through its corners', () =>
  expect(
    pathOf(plot, [
      [-20, 50_000],
      [70, 0],
    ]),
  ).toBe('M0,0L100,100'));

describe.each(SAMPLES.map(({ id, facts }) => [id, facts] as const))('%s', (_, facts) => {
  // Width per letter, percent of the plot: desk and phone.
  test.each([
    ['desk', 1],
    ['phone', 3.1],
  ])('on a %s no label covers another or leaves the plot, and the load has one', (__, letter) => {
    const { lines, mostBtuh, spanF } = balanceChart(facts);
    const places = labelPlaces({ spanF, most: mostBtuh }, lines, ({ label }) => label.length * letter + 1);
    expect(places.map(({ id }) => id)).toContain('load');
    const reach = (place: (typeof places)[number]) =>
      labelReach(place, lines.find(({ id }) => id === place.id)!.label.length * letter);
    for (const one of places) {
      const [from, to] = reach(one);
      expect(from).toBeGreaterThanOrEqual(0);
      expect(to).toBeLessThanOrEqual(100);
      for (const other of places.filter((each) => each !== one)) {
        const [otherFrom, otherTo] = reach(other);
        expect(from >= otherTo || to <= otherFrom || Math.abs(one.down - other.down) > 7.8).toBe(true);
      }
    }
  });
});

test.each([
  [50_000, [0, 10_000, 20_000, 30_000, 40_000, 50_000]],
  [37_000, [0, 10_000, 20_000, 30_000]],
  [4.2, [0, 1, 2, 3, 4]],
])('up to %d', (most, ticks) => expect(valueTicks(most)).toEqual(ticks));
