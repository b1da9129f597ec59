import { beginJob } from './begin-job';

test('a new job has known values as confirmed and everything else as assumed', () => {
  const job = beginJob('Larch Fork', [
    { path: 'heatKit.plateKW', value: 14.4 },
    { path: 'site.elevationFt', value: 5900 },
  ]);
  expect(job.facts.site).toMatchObject({ jobName: 'Larch Fork', elevationFt: 5900 });
  expect(new Set(job.confirmed)).toEqual(new Set(['heatKit.plateKW', 'site.elevationFt', 'site.jobName']));
});

test.each([
  [5, [5]],
  [9.6, [4.8, 4.8]],
  [14.4, [4.8, 4.8, 4.8]],
  [20, [5, 5, 5, 5]],
])('a kit of %d kW becomes elements of %j kW, unconfirmed', (plateKW, elementsKW) => {
  const job = beginJob('x', [{ path: 'heatKit.plateKW', value: plateKW }]);
  expect(job.facts.heatKit.elements.map(({ kW }) => kW)).toEqual(elementsKW);
  expect(job.confirmed).not.toContain('heatKit.elements');
});

test('known elements stay', () => {
  const elements = [{ kW: 3, bank: 1, onS: 20, offS: 20 }];
  const job = beginJob('x', [
    { path: 'heatKit.plateKW', value: 9 },
    { path: 'heatKit.elements', value: elements },
  ]);
  expect(job.facts.heatKit.elements).toEqual(elements);
});
