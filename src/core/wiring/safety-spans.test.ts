import { findingsOf } from '../check';
import type { Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { addJumper, harnessAsFound, wireRows } from './as-found';
import { families, familyById } from './families';
import { faultsOf } from './fault';
import { jumperId, refText } from './harness';
import { joined } from './joined';
import { movesBetween } from './moves';
import { plan } from './plan';
import { bridgedSpans, safetyAt, safetySpans } from './safety-spans';

const ALL = families();
const withRows = (facts: Facts, rows: Facts['wiring']['asFound']): Facts => ({
  ...facts,
  wiring: { ...facts.wiring, asFound: rows },
});

describe('safety circuits, in every family', () => {
  it('have no planned jumper, and no planned conductor but a listed switch’s own leads', () => {
    const wrong = ALL.flatMap(({ id, facts }) => {
      const harness = plan(facts);
      const ends = [...harness.jumpers, ...harness.conductors]
        .filter((each) => !('cable' in each) || !/^leads-(low-gas|float|wet)-switch$/.test(each.cable))
        .flatMap(({ from, to }) => [from, to].flatMap((end) => end ?? []));
      return ends
        .filter((end) => !['float-switch', 'wet-switch'].includes(end.device) && safetyAt(harness, end) !== null)
        .map((end) => `${id}: ${refText(end)}`);
    });
    expect(wrong).toEqual([]);
  });

  it('are jumpered by no plan', () => {
    const bridged = ALL.filter(({ facts }) => {
      const harness = plan(facts);
      return bridgedSpans(harness, joined(harness)).length > 0;
    });
    expect(bridged.map(({ id }) => id)).toEqual([]);
  });

  it('are no jumper that could be missing', () => {
    const wrong = ALL.flatMap(({ facts }) => faultsOf(plan(facts)).filter(({ words }) => /PS1|PS2/.test(words)))
      .map(({ words }) => words)
      .filter((words) => /jumper/.test(words));
    expect(wrong).toEqual([]);
  });
});

describe('the pressure-switch circuit of a gas furnace', () => {
  const { facts } = familyById('gas+aux-e+single+w-out+o')!;

  it('is the manufacturer’s own lead: it burns without anyone’s jumper', () => {
    const harness = plan(facts);
    expect(harness.jumpers.map(({ id }) => id)).not.toContain('jumper/furnace.PS1–furnace.PS2');
    expect(harness.devices.flatMap(({ factoryLeads }) => factoryLeads.map(({ label }) => label))).toEqual([
      'Factory lead, pressure-switch circuit',
    ]);
  });

  it('asks for nothing if a correct furnace was recorded without a jumper there', () => {
    const recorded = withRows(facts, wireRows(plan(facts)));
    expect(findingsOf(jobModel(recorded)).filter(({ fix }) => /jumper/i.test(fix))).toEqual([]);
  });

  it('reads a record of an older version, which named it a jumper, as the same wiring', () => {
    const rows = addJumper(
      wireRows(plan(facts)),
      { device: 'furnace', mark: 'PS1' },
      { device: 'furnace', mark: 'PS2' },
    );
    const old = withRows(facts, [...rows]);
    const harness = harnessAsFound(old, plan(old));
    expect(harness.jumpers.map(({ id }) => id)).not.toContain(
      jumperId({ device: 'furnace', mark: 'PS1' }, { device: 'furnace', mark: 'PS2' }),
    );
    expect(movesBetween(plan(old), harness)).toEqual([]);
  });
});

describe('a safety that was found jumpered', () => {
  it.each([
    ['propane+aux-e+single+w-out+o', 'low-gas-switch', '1', '2', 'low-gas-pressure switch'],
    ['propane+aux-e+single+w-out+o', 'furnace', 'PS1', 'PS2', 'low-gas-pressure switch'],
    ['w1-w2+aux-e+single+w-out+float-in-r+o', 'float-switch', '1', '2', 'float switch'],
    ['w1-w2+aux-e+single+w-out+float-in-y+o', 'float-switch', '1', '2', 'float switch'],
    ['gas+aux-e+single+w-out+o', 'interlock', 'Y-in', 'Y-out', 'supply-air limit'],
  ] as const)('%s: a jumper at %s %s–%s is an error that says take it out', (id, device, one, other, words) => {
    const { facts } = familyById(id)!;
    const rows = addJumper(wireRows(plan(facts)), { device, mark: one }, { device, mark: other });
    const found = findingsOf(jobModel(withRows(facts, [...rows]))).filter(({ rule }) => rule === 'safety-not-bridged');
    expect(found).toEqual([expect.objectContaining({ severity: 'error', what: expect.stringContaining(words) })]);
    expect(found[0]!.fix).toMatch(/Remove whatever bypasses it/);
  });

  it('has a chain of contacts in series as one span: the interlock kit from Y-in to Y-out', () => {
    const { facts } = familyById('gas+aux-e+single+w-out+o')!;
    expect(safetySpans(plan(facts)).map(({ ends }) => ends)).toContainEqual(['interlock.Y-in', 'interlock.Y-out']);
  });
});
