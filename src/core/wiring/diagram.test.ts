import { assumedFacts, type Facts } from '../job/document';
import { diagram } from './diagram';
import { plan } from './plan';

const base = assumedFacts();
const drawn = (change: (facts: Facts) => Facts = (facts) => facts) => diagram(plan(change(base)));

test('what is wired together stands on one row, so that every conductor runs straight', () => {
  for (const inputs of ['W1', 'W1+W2', 'W1+W2+W3'] as const) {
    const { devices, cables } = drawn((facts) => ({ ...facts, airHandler: { ...facts.airHandler, wInputs: inputs } }));
    const rowOf = (device: string, mark: string) => devices.find(({ id }) => id === device)!.terminals.find((terminal) => terminal.mark === mark)!.row;
    for (const { conductor, row } of cables.flatMap(({ wires }) => wires)) {
      expect([rowOf(conductor.from.device, conductor.from.mark), rowOf(conductor.to.device, conductor.to.mark)]).toEqual([row, row]);
    }
  }
});

test('no two terminals of a device, and no two wires of a cable, share a row', () => {
  const { devices, cables, rows } = drawn();
  for (const { terminals } of devices) expect(new Set(terminals.map(({ row }) => row)).size).toBe(terminals.length);
  for (const { wires } of cables) expect(new Set(wires.map(({ row }) => row)).size).toBe(wires.length);
  expect(Math.max(...devices.flatMap(({ terminals }) => terminals.map(({ row }) => row)))).toBe(rows - 1);
});

test('a coil hangs at the terminal that feeds it, the valve behind the board’s contact too', () => {
  const outdoor = drawn().devices[2]!;
  expect(outdoor.terminals.map(({ mark, coils }) => [mark, coils.map(({ id }) => id)])).toEqual([
    ['R', ['defrost board']],
    ['C', []],
    ['Y', ['contactor']],
    ['O', ['reversing valve']],
    ['W', []],
  ]);
});

test('jumpers and spares are drawn', () => {
  const { devices, cables } = drawn((facts) => ({ ...facts, airHandler: { ...facts.airHandler, wInputs: 'W1+W2+W3' } }));
  expect(devices.map(({ jumpers }) => jumpers.map(({ jumper }) => jumper.id))).toEqual([['jumper AUX–E'], ['jumper W1–W2', 'jumper W2–W3'], []]);
  expect(cables.map(({ spares }) => spares)).toEqual([['brown', 'black'], ['brown']]);
});

test('without a kit there is no auxiliary conductor and no jumper; batteries need no C', () => {
  const { devices, cables } = drawn((facts) => ({
    ...facts,
    heatKit: { ...facts.heatKit, elements: [] },
    thermostat: { ...facts.thermostat, power: 'battery' },
  }));
  expect(devices.flatMap(({ jumpers }) => jumpers)).toEqual([]);
  expect(cables.map(({ wires }) => wires.map(({ conductor }) => conductor.from.mark))).toEqual([
    ['R', 'Y', 'O', 'G'],
    ['R', 'C', 'Y', 'O'],
  ]);
});
