import { changeAddress } from './address';

beforeEach(() => window.history.replaceState(null, '', '/jobs/1/startup?out=28&step=safe'));

test('parameters that are not named stay', () => {
  expect(changeAddress({ step: 'heat', at: '2' }, 'replace')).toBe('out=28&step=heat&at=2');
  expect(window.location.pathname).toBe('/jobs/1/startup');
});

test('null removes a parameter', () => {
  expect(changeAddress({ step: null }, 'replace')).toBe('out=28');
});

test('a pushed address can be gone back from, a replaced one cannot', () => {
  const before = window.history.length;
  changeAddress({ step: 'cool' }, 'replace');
  expect(window.history.length).toBe(before);
  changeAddress({ step: 'heat' }, 'push');
  expect(window.history.length).toBe(before + 1);
});
