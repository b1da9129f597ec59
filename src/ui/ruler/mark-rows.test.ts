import { markRows } from './mark-rows';

test('markers that are close are in different rows', () => {
  const marks = [
    { id: 'a', label: 'a', atF: 20 },
    { id: 'b', label: 'b', atF: 22 },
    { id: 'c', label: 'c', atF: 60 },
  ];
  expect(markRows([-20, 70], marks, () => 12).map(({ row }) => row)).toEqual([0, 1, 0]);
});
