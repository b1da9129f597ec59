import { checkEquipment } from '../check/equipment';
import { DEFAULT_MOMENT } from '../control/moment';
import { applyChanges, assumedFacts, blankJob, type Facts } from '../job/document';
import type { WireRow } from '../job/facts/wiring';
import { type Finding, findingKey } from '../job/finding';
import { jobModel } from '../model/job-model';
import { addJumper, landEnd, removeJumper, wireRows } from './as-found';
import type { TerminalRef } from './harness';
import { traceCall } from './trace';

const base = assumedFacts();
const at = (device: TerminalRef['device'], mark: string): TerminalRef => ({ device, mark });
type Change = (rows: readonly WireRow[]) => readonly WireRow[];
const found = (change: Change, facts: Facts = base): Facts => ({
  ...facts,
  wiring: { ...facts.wiring, asFound: change(wireRows(jobModel(facts).planned)) },
});
const mistakeIn = (facts: Facts): Finding => {
  const [first] = checkEquipment(jobModel(facts));
  expect(first?.rule).toBe('named-mistake');
  return first!;
};
const exchanged: Change = (rows) =>
  landEnd(
    landEnd(rows, 'thermostat-cable/yellow', 'to', at('air-handler', 'W1')),
    'thermostat-cable/white',
    'to',
    at('air-handler', 'Y'),
  );

describe('the mistake is named first, with what the unit then does', () => {
  test.each<[string, Change, RegExp]>([
    ['Y and W exchanged', exchanged, /^(Yellow and white|White and yellow) swapped at the air handler\./],
    [
      'the outdoor common open',
      (rows) => landEnd(rows, 'outdoor-cable/blue', 'from', null),
      /^Outdoor common open: blue unconnected at the air handler; the plan lands it on C\./,
    ],
    [
      'the thermostat’s common off',
      (rows) => landEnd(rows, 'thermostat-cable/blue', 'to', null),
      /^Thermostat common open.*The thermostat is blank and makes no calls\./,
    ],
    [
      'orange on C',
      (rows) => landEnd(rows, 'thermostat-cable/orange', 'to', at('air-handler', 'C')),
      /^Thermostat reversing valve: orange at the air handler from O to C\. The board fuse blows on: cool\./,
    ],
    [
      'the AUX–E jumper out',
      (rows) => removeJumper(rows, { from: at('thermostat', 'E'), to: at('thermostat', 'AUX') }),
      /^Jumper AUX–E at the thermostat missing\. Emergency heat is missing or partial\./,
    ],
    [
      'a jumper from Y to W',
      (rows) => addJumper(rows, at('air-handler', 'Y'), at('air-handler', 'W1')),
      /^Jumper W1–Y at the air handler added\..*The compressor runs with no call on: emergency/,
    ],
    [
      'two at once',
      (rows) => landEnd(landEnd(rows, 'outdoor-cable/yellow', 'to', null), 'thermostat-cable/white', 'to', null),
      /^Thermostat auxiliary heat call open: .*Outdoor compressor call open: /,
    ],
  ])('%s', (_, change, words) => expect(mistakeIn(found(change)).what).toMatch(words));

  test('a valve wire on the wrong terminal cools the house in a heat call', () => {
    const b: Facts = {
      ...base,
      outdoorUnit: { ...base.outdoorUnit, reversingValve: 'B' },
      thermostat: { ...base.thermostat, valveSetting: 'B' },
    };
    const valve = jobModel(b).planned.conductors.find(
      ({ cable, to }) => cable === 'outdoor-cable' && to?.mark === 'B',
    )!;
    expect(mistakeIn(found((rows) => landEnd(rows, valve.id, 'to', null), b)).what).toMatch(
      /It cools the house on a heat call \(heat, heat \+ aux\)\./,
    );
  });

  test('what it explains is listed under it, and nothing else', () => {
    const facts = found(exchanged);
    const mistake = mistakeIn(facts);
    const others = checkEquipment(jobModel(facts)).slice(1);
    expect(others.length).toBeGreaterThan(4);
    expect(others.every(({ under }) => under === findingKey(mistake))).toBe(true);
    const short: Facts = { ...facts, cables: { ...facts.cables, outdoorConductors: 5 } };
    const spare = checkEquipment(jobModel(short)).find(({ rule }) => rule === 'enough-conductors');
    expect(spare?.under).toBeUndefined();
  });

  test('its one-tap fix puts it right', () => {
    const facts = found(exchanged);
    const { fixBy } = mistakeIn(facts);
    const mended = applyChanges({ ...blankJob(), facts }, fixBy!).facts;
    expect(checkEquipment(jobModel(mended))).toEqual(checkEquipment(jobModel(base)));
  });

  test('unfinished wiring has no single name: more than three moves', () => {
    const facts = found((rows) =>
      (['yellow', 'white', 'orange', 'green'] as const).reduce(
        (all, colour) => landEnd(all, `thermostat-cable/${colour}`, 'to', null),
        rows,
      ),
    );
    expect(checkEquipment(jobModel(facts)).some(({ rule }) => rule === 'named-mistake')).toBe(false);
  });

  test('harmless moves are not part of the mistake', () => {
    const facts = found((rows) =>
      landEnd(
        landEnd(exchanged(rows), 'thermostat-cable/brown', 'to', at('air-handler', 'G')),
        'thermostat-cable/brown',
        'from',
        at('thermostat', 'G'),
      ),
    );
    expect(mistakeIn(facts).moves).toHaveLength(1);
  });
});

test('an O/B wire on the thermostat’s common is sent home by its own name', () => {
  const twoValves: Facts = { ...base, thermostat: { ...base.thermostat, valveTerminals: 'O+B' } };
  const blue = found((rows) => landEnd(rows, 'thermostat-cable/blue', 'from', at('thermostat', 'B')), twoValves);
  const rule = checkEquipment(jobModel(blue)).find((finding) => finding.rule === 'common-not-on-output')!;
  expect(rule.fix).toMatch(/^Blue goes back to thermostat C\. Some older equipment uses B for common/);
  const lamp: Facts = {
    ...base,
    outdoorUnit: { ...base.outdoorUnit, faultOutput: 'lamp' },
    thermostat: { ...base.thermostat, heatTerminals: 'W2', assigned: 'fault-lamp' },
    cables: { ...base.cables, thermostatConductors: 10, outdoorConductors: 10 },
  };
  const onLamp = found((rows) => landEnd(rows, 'thermostat-cable/blue', 'from', at('thermostat', 'X')), lamp);
  const said = checkEquipment(jobModel(onLamp)).find((finding) => finding.rule === 'common-not-on-output')!;
  expect(said.what).toMatch(/lamp input/);
  expect(`${said.what} ${said.fix} ${said.why}`).not.toMatch(/hot in heating/);
});

test('the trace follows its own call: with AUX–E out, emergency heat stops at the jumper', () => {
  const { facts, sound, harness, state } = jobModel(
    found((rows) => removeJumper(rows, { from: at('thermostat', 'AUX'), to: at('thermostat', 'E') })),
  );
  const bank = traceCall(facts, sound, harness, state({ ...DEFAULT_MOMENT, call: 'emergency' })).find(
    ({ coil }) => coil.id === 'heat bank 1',
  )!;
  expect(bank.steps.find(({ passes }) => !passes)).toMatchObject({ kind: 'jumper', words: 'jumper AUX–E' });
});

test('the trace stops at a device without power, and says so', () => {
  const { facts, sound, harness, state } = jobModel(
    found((rows) => landEnd(rows, 'thermostat-cable/blue', 'to', null)),
  );
  const contactor = traceCall(facts, sound, harness, state(DEFAULT_MOMENT)).find(
    ({ coil }) => coil.id === 'contactor',
  )!;
  expect(contactor.steps.find(({ passes }) => !passes)).toMatchObject({
    id: 'thermostat R–Y',
    why: expect.stringMatching(/^The thermostat has no power/),
  });
});
