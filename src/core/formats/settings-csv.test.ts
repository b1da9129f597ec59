import Papa from 'papaparse';
import { SAMPLES } from '../samples';
import { settingsCsv } from './settings-csv';

const marks = SAMPLES.find(({ id }) => id === 'cinder-creek')!.settingMarks!;
const read = (text: string) => Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true }).data;

test('a line for each mark, in order, with who, where, what and the value', () => {
  const lines = read(settingsCsv(marks));
  expect(lines).toHaveLength(marks.length);
  expect(lines.map(({ time }) => time)).toEqual(lines.map(({ time }) => time).sort());
  expect(lines).toContainEqual({
    time: '2025-12-09T16:28:00.000Z',
    author: 'Emeric Valtonen',
    entered_by: 'Emeric Valtonen',
    controller: 'Indoor board',
    profile: 'toadflax-indoor',
    code: 'KIT',
    entry: 'Heat kit',
    what: 'As left',
    value: '9.6',
    words: '9.6 kW',
  });
});

test('a withdrawn mark says so; a value that a spreadsheet would run as a formula is disarmed', () => {
  const [first] = marks;
  const lines = read(
    settingsCsv([
      { ...first!, value: '' },
      { ...first!, value: '=1+1', words: '' },
    ]),
  );
  expect(lines.map(({ value }) => value)).toEqual(['taken back', "'=1+1"]);
});
