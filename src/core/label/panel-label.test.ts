import { type Facts, withFact } from '../job/document';
import { SAMPLES } from '../samples';
import { plan } from '../wiring/plan';
import { labelChanges } from './label-changes';
import { readLabelCode } from './label-code';
import { panelLabel } from './panel-label';

const proved = SAMPLES[2]!;
const label = panelLabel(proved.facts, [], '2026-11-26');

test('lockouts, conductors, jumpers and what is hot on every call', () => {
  expect(label.gates).toEqual(['Backup locked out above 40 °F']);
  expect(label.terminals).toContain('R red to air handler R');
  expect(label.jumpers).toEqual(['Thermostat: jumper AUX–E']);
  expect(label.calls.find(({ call }) => call === 'Heat + aux')).toEqual({
    call: 'Heat + aux',
    hot: 'Y G AUX E',
    reads: 'strips 42.4 A',
  });
  expect(label.calls.find(({ call }) => call === 'Cool')!.hot).toBe('Y O/B G');
  expect(label.calls.find(({ call }) => call === 'Emergency')!.hot).toMatch(/AUX E$/);
  expect(label.positions[0]).toBe('Valve energized in cooling (O)');
});

test('settings left at the boards are on it, settings left at the thermostat are not', () => {
  const marks = proved.settingMarks!;
  const { positions } = panelLabel(proved.facts, marks, '2026-11-26');
  const left = new Set(marks.filter(({ kind }) => kind === 'left').map(({ controller }) => controller));
  expect(left.size).toBeGreaterThan(0);
  expect(positions.some((line) => line.startsWith('Thermostat'))).toBe(false);
});

test('its code opens the same plan, and a later visit sees what has changed since', () => {
  const read = readLabelCode(label.code);
  if (read.kind === 'wrong') throw new Error(read.why);
  expect(plan(read.label.facts)).toEqual(plan(proved.facts));
  expect(labelChanges(read.label.facts, proved.facts)).toEqual([]);
  const later: Facts = withFact(withFact(proved.facts, 'gates.auxAboveF', 35), 'site.notes', 'anything');
  expect(labelChanges(read.label.facts, later)).toEqual([
    { group: 'Lockouts', label: expect.stringMatching(/./), was: '40 °F', is: '35 °F' },
  ]);
});
