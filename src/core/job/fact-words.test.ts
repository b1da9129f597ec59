import { factAt } from './document';
import { factWords } from './fact-words';

test.each([
  ['house.designBtuh', 36_000, '36,000 Btu/h'],
  ['outdoorUnit.minOutdoorF', null, 'no cutoff'],
  ['outdoorUnit.minOutdoorF', -5, '-5 °F'],
  ['outdoorUnit.reversingValve', 'B', 'Heating (B)'],
  ['heatKit.hasLinks', false, 'no'],
  ['site.notes', '', '—'],
  ['heatKit.breakersAmps', [60, 25], '60 A, 25 A'],
  ['heatKit.breakersAmps', [], 'none'],
  [
    'heatKit.elements',
    [{ kW: 4.8, bank: 2, onS: 20, offS: 40 }],
    '4.8 kW · bank 2 · closes after 20 s · opens after 40 s',
  ],
  ['outdoorUnit.ratingPoints', [{ outdoorF: 47, btuh: 28_800, kW: 2.35 }], '47 °F · 28,800 Btu/h · 2.35 kW'],
] as const)('%s of %j reads %s', (path, value, words) => expect(factWords(factAt(path), value)).toBe(words));
