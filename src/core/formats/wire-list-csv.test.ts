import Papa from 'papaparse';
import { assumedFacts } from '../job/document';
import { landedConductors } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { wireListCsv } from './wire-list-csv';

test('the wire list has a line for each conductor, jumper and spare', () => {
  const harness = plan(assumedFacts());
  const { data } = Papa.parse<Record<string, string>>(wireListCsv(harness), { header: true, skipEmptyLines: true });
  expect(data).toHaveLength(harness.conductors.length + harness.jumpers.length);
  expect(data).toContainEqual({
    cable: 'Thermostat cable',
    colour: 'white',
    'from device': 'Thermostat',
    'from terminal': 'AUX',
    'to device': 'Air handler',
    'to terminal': 'W1',
    carries: 'auxiliary heat',
  });
  expect(data.filter(({ carries }) => carries === 'spare')).toHaveLength(
    harness.conductors.length - landedConductors(harness).length,
  );
  expect(data.filter(({ cable }) => cable === 'jumper').map((line) => line['from terminal'])).toEqual(['AUX']);
});
