import { findingsOf } from '../check';
import type { CALLS } from '../control/moment';
import { DEFAULT_MOMENT } from '../control/moment';
import { BLOWER_COIL, COMPRESSOR_COIL, FURNACE_COIL } from '../devices/ids';
import { applyChanges, blankJob } from '../job/document';
import { jobModel } from '../model/job-model';
import { placeVolts } from '../model/place-volts';
import { readsAsFound } from '../model/reads';
import { truckList } from '../truck/truck-list';
import { familyById } from './families';
import { ghostWords } from './ghost-volts';
import { landedConductors, refText } from './harness';
import { plan } from './plan';
import { terminalTable } from './terminal-table';

const TWO_WIRE = familyById('oil-two-wire+aux-e+single+w-out+o')!.facts;
const OWN = familyById('oil-own-transformer+aux-e+single+w-out+o')!.facts;

describe('oil with two wires: no board, a fan center', () => {
  const harness = plan(TWO_WIRE);
  const ends = landedConductors(harness).flatMap(({ from, to }) => [refText(from), refText(to)]);

  it('lands nothing on the furnace but T, T through the isolation relay', () => {
    expect(new Set(ends.filter((end) => end.startsWith('furnace.')))).toEqual(new Set(['furnace.T1', 'furnace.T2']));
    for (const mark of ['R', 'C', 'Y', 'G', 'O']) expect(ends).toContain(`fan-center.${mark}`);
  });

  it('heats with the furnace on its call, cools and blows through the fan center', () => {
    const model = jobModel(TWO_WIRE);
    const on = (call: keyof typeof CALLS) =>
      model.soundStates({ ...DEFAULT_MOMENT, outdoorF: 20 }).get(call)!.energized;
    expect(on('emergency').has(FURNACE_COIL)).toBe(true);
    expect(on('emergency').has(COMPRESSOR_COIL)).toBe(false);
    expect(on('cool-1').has(COMPRESSOR_COIL)).toBe(true);
    expect(on('fan').has(BLOWER_COIL)).toBe(true);
    expect(on('off').has(FURNACE_COIL)).toBe(false);
  });

  it('has no finding, and puts the fan center and the relay on the truck list', () => {
    const findings = findingsOf(jobModel(TWO_WIRE)).filter(
      ({ severity, page }) => severity === 'error' && page === 'wiring',
    );
    expect(findings).toEqual([]);
    const keys = truckList({ facts: TWO_WIRE, confirmed: new Set(), readings: [] }).map(({ key }) => key);
    expect(keys).toEqual(expect.arrayContaining(['device/fan-center', 'device/isolation-relay']));
  });
});

describe.each([
  ['own transformer', OWN],
  ['two wires', TWO_WIRE],
])('T–T of a primary, %s', (_, facts) => {
  const model = jobModel(facts);
  const at = (call: keyof typeof CALLS) => ({ ...DEFAULT_MOMENT, outdoorF: 20, call });
  const t = (mark: string) => ({ device: 'furnace', mark }) as const;

  it('reads about 24 V across at rest and zero when called, on both pages', () => {
    const volts = (call: keyof typeof CALLS) =>
      placeVolts(facts, model.harness, model.state(at(call)), [])
        .flatMap(({ terminals }) => terminals)
        .filter(({ ref }) => /^T\d$/.test(ref.mark));
    expect(volts('off').map(({ ref, to, isHot }) => [ref.mark, to.mark, isHot])).toEqual([['T1', 'T2', true]]);
    expect(volts('off')[0]!.volts).toBeGreaterThan(20);
    expect(volts('emergency')[0]!.volts).toBeLessThan(1);
    const [row] = terminalTable(model.planned, model.soundStates(at('off'))).filter(({ mark }) => mark === 'T1');
    expect(row!.readTo).toBe('T2');
    expect([row!.isHot.get('off'), row!.isHot.get('emergency')]).toEqual([true, false]);
  });

  it('has nothing to read to C: two isolated supplies, and no open common', () => {
    const common = { device: model.planned.devices.find(({ transformers }) => transformers.length > 0)!.id, mark: 'C' };
    for (const call of ['off', 'emergency'] as const)
      for (const mark of ['T1', 'T2']) {
        expect(ghostWords(model.harness, model.state(at(call)), t(mark), common)).toMatch(/two isolated supplies/);
        const read = readsAsFound(model, at(call), {
          call,
          observable: { kind: 'volts', between: [t(mark), common], meter: 'low' },
        });
        expect(read).toMatchObject({ kind: 'number', value: 0 });
      }
    expect(ghostWords(model.harness, model.state(at('off')), t('T1'), t('T2'))).toBeNull();
  });
});

describe('assumptions follow what is known', () => {
  const with_ = (...changes: Parameters<typeof applyChanges>[1]) => applyChanges(blankJob(), changes).facts;

  it('a dual-fuel job starts with its thermostat set for fossil', () =>
    expect(with_({ path: 'system.backup', value: 'furnace' }).thermostat.backupSetting).toBe('fossil'));

  it('price and AFUE follow the fuel until someone has checked', () => {
    const oil = with_({ path: 'furnace.fuel', value: 'fuel-oil' });
    expect([oil.prices.fuelPerUnit, oil.furnace.efficiency]).toEqual([4.1, 0.84]);
    const known = with_({ path: 'furnace.efficiency', value: 0.8 }, { path: 'furnace.fuel', value: 'fuel-oil' });
    expect(known.furnace.efficiency).toBe(0.8);
    const seen = with_(
      { path: 'thermostat.backupSetting', value: 'electric' },
      { path: 'system.backup', value: 'furnace' },
    );
    expect(seen.thermostat.backupSetting).toBe('electric');
  });
});
