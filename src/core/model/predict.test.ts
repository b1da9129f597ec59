import { type CallId, DEFAULT_MOMENT } from '../control/moment';
import { NO_FAULTS, type Scenario, withFault } from '../control/scenario';
import { assumedFacts, type Facts, withFact } from '../job/document';
import { isFurnaceIndoors } from '../job/indoor-supply';
import type { TakenReading } from '../job/reading';
import { readingSchema } from '../job/reading-schema';
import { SAMPLES } from '../samples';
import { judge } from '../startup/judge';
import { startupOf } from '../startup/startup-of';
import { clampId, clampPlaces } from '../strips/clamp';
import { familyById } from '../wiring/families';
import { parseRef } from '../wiring/harness';
import before from './before/predictions.json';
import { jobModel } from './job-model';
import type { Observable } from './observable';
import type { Prediction } from './observables/definition';
import { observationKey, observed, observedNow, stripKeys } from './observation-key';
import { readsAsFound, readsAsPlanned } from './reads';

const factsOf = (id: string): Facts => SAMPLES.find((sample) => sample.id === id)?.facts ?? familyById(id)!.facts;
const valueOf = (prediction: Prediction) => (prediction.kind === 'number' ? prediction.value : NaN);

/**
 * Mends that move a figure, by what they touch. Everything else that was predicted before this model is predicted by
 * it, to the hundredth.
 */
const MENDED: readonly { readonly why: string; readonly is: (facts: Facts, node: string, call: CallId) => boolean }[] =
  [
    {
      why: 'a gas furnace has its limits in the circuit, 0.02 Ω more',
      is: ({ furnace, system }) => system.backup === 'furnace' && furnace.fuel !== 'fuel-oil',
    },
  ];

/** Terminals of a burner control on its own transformer: to the other supply's common they read nothing. */
const isOnItsOwnSupply = ({ furnace }: Facts, node: string) =>
  furnace.fuel === 'fuel-oil' &&
  furnace.burnerControl === 'own-transformer' &&
  /^(furnace\.T[12]|isolation-relay\.[12])$/.test(node);

describe('earlier predictions hold, except for the fixes', () => {
  test.each(before.map((job) => [job.id, job] as const))('%s: every terminal on every call', (id, job) => {
    const facts = factsOf(id);
    const model = jobModel(facts);
    const off: string[] = [];
    for (const [node, volts] of Object.entries(job.volts))
      job.calls.forEach((name, at) => {
        const was = isOnItsOwnSupply(facts, node) ? 0 : volts[at]!;
        const call = name as CallId;
        const ref = parseRef(node)!;
        const common = model.planned.devices
          .find((device) => device.id === ref.device)!
          .terminals.some(({ mark }) => mark === 'C')
          ? ref.device
          : model.planned.devices.find(({ transformers }) => transformers.length > 0)!.id;
        const now = valueOf(
          readsAsPlanned(model, DEFAULT_MOMENT, {
            call,
            observable: { kind: 'volts', between: [ref, { device: common, mark: 'C' }], meter: 'high' },
          }),
        );
        const slack = MENDED.some(({ is }) => is(facts, node, call)) ? 0.04 : 0.006;
        if (Math.abs(now - was) > slack) off.push(`${node} in ${call}: ${was} before, ${now.toFixed(3)} now`);
      });
    expect(off).toEqual([]);
  });

  test.each(before.map((job) => [job.id, job] as const))(
    '%s: the clamp at every place, and startup’s expectations',
    (id, job) => {
      const facts = factsOf(id);
      const model = jobModel(facts);
      for (const [call, places] of Object.entries(job.amps))
        for (const clamp of clampPlaces(facts))
          expect([
            clampId(clamp),
            valueOf(
              readsAsPlanned(
                model,
                DEFAULT_MOMENT,
                { call: call as CallId, observable: { kind: 'amps', clamp } },
                { kitVolts: 238 },
              ),
            ).toFixed(2),
          ]).toEqual([clampId(clamp), (places as Record<string, number>)[clampId(clamp)]!.toFixed(2)]);
      const items = new Map(
        // The manifold is read by those alone who say that they are licensed.
        startupOf(jobModel(withFact(facts, 'proof.fuelWork', true)), [], DEFAULT_MOMENT)
          .flatMap((step) => step.items)
          .map(({ key, expected }) => [key, expected] as const),
      );
      const reading = (item: string) => ({ ...SAMPLES[1]!.readings[0]!, item, place: null });
      for (const [item, aim] of Object.entries(job.aims)) {
        const key = observed(facts, [reading(item)])[0]!.item;
        const expected = items.get(key);
        expect([key, expected !== undefined]).toEqual([key, true]);
        // A furnace has a supply of 120 V, where it had the strips' before.
        if (key === 'supply-volts/air-handler' && isFurnaceIndoors(facts))
          expect(expected).toMatchObject({ aim: 120, pass: [114, 126] });
        else if (expected?.kind === 'band' && expected.aim !== null)
          expect(Math.abs(expected.aim - aim!)).toBeLessThan(0.05);
      }
    },
  );
});

const base = assumedFacts();
const unit = (mark: string) => ({ device: 'outdoor-unit', mark }) as const;
const volts = (facts: Facts, mark: string, meter: 'high' | 'low', call: CallId = 'off', scenario = NO_FAULTS) => {
  const read = readsAsFound(jobModel(facts, scenario), DEFAULT_MOMENT, {
    call,
    observable: { kind: 'volts', between: [unit(mark), unit('C')], meter },
  });
  return read.kind === 'number' ? read : { value: NaN, spread: [NaN, NaN] };
};

describe('ghost voltage', () => {
  const cold: Facts = { ...base, outdoorUnit: { ...base.outdoorUnit, stripsInDefrost: false } };

  test('a terminal that nothing ties down may read up to half the supply, and zero at low impedance', () => {
    const { spread } = volts(cold, 'W-out', 'high');
    expect(spread[0]).toBe(0);
    expect(spread[1]).toBeGreaterThan(12);
    expect(volts(cold, 'W-out', 'low').value).toBeLessThan(0.1);
  });

  test('a terminal tied to C by its coil has no ghost voltage; a powered one keeps its volts at low impedance', () => {
    expect(volts(base, 'Y', 'high').spread).toEqual([volts(base, 'Y', 'high').value, volts(base, 'Y', 'high').value]);
    const hot = volts(base, 'Y', 'high', 'heat-1').value;
    expect(hot).toBeGreaterThan(20);
    expect(hot - volts(base, 'Y', 'low', 'heat-1').value).toBeLessThan(0.3);
  });

  test('a broken Y floats at the unit only as far as its coil allows', () => {
    expect(volts(base, 'Y', 'high', 'heat-1', withFault('open:outdoor-cable/yellow')).value).toBeLessThan(0.1);
  });

  test('startup recognizes a ghost voltage, and asks for the meter setting', () => {
    const item = startupOf(jobModel(cold), [], DEFAULT_MOMENT)
      .flatMap(({ items }) => items)
      .find(({ key }) => key === 'defrost/volts-outdoor-unit-W')!.item;
    // In defrost the board feeds it.
    expect(item.places).toBeUndefined();
    const atRest = startupOf(jobModel(cold), [], DEFAULT_MOMENT)
      .flatMap(({ items }) => items)
      .find(({ key }) => key === 'heat-aux/volts-outdoor-unit-W')!.item;
    expect(atRest.places!.map(({ id }) => id)).toEqual(['high', 'low']);
    expect(judge(atRest, 9, 'high').grade).toBe('pass');
    expect(judge(atRest, 9, 'low').grade).not.toBe('pass');
    expect(judge(atRest, 25, 'high').grade).toBe('fail');
  });
});

describe('one measurement, one key', () => {
  const reading = (item: string, value: number, place: string | null = null) => ({
    ...(SAMPLES[1]!.readings[0] as TakenReading),
    id: `${item} ${place}`,
    item,
    value,
    place,
    replaces: null,
  });

  test('strip volts, from whichever page', () => {
    const { volts: key } = stripKeys(base);
    for (const old of ['strips/volts', 'heat-aux/strip-volts', 'emergency/strip-volts'])
      expect(observedNow(base, [reading(old, 231)]).get(key)?.value).toBe(231);
  });

  test('the main feed of a kit with one circuit is that circuit, blower in the clamp, on the call it was read in', () => {
    const now = observedNow(base, [reading('strips/amps-main', 42, 'emergency')]);
    expect(now.get('emergency/amps-1')).toMatchObject({ value: 42, place: 'with-blower' });
    const two = SAMPLES[1]!.facts;
    expect(observedNow(two, [reading('strips/amps-main', 62, 'heat-aux')]).get('heat-aux/amps-main')?.value).toBe(62);
    expect(observedNow(two, [reading('strips/amps-circuit-2', 19, 'heat-aux')]).get('heat-aux/amps-2')?.value).toBe(19);
  });

  test('a terminal keeps its key when its mark or its cabinet is corrected', () => {
    const key = (facts: Facts, mark: string) =>
      observationKey(facts, {
        call: 'heat-1',
        observable: { kind: 'volts', between: [unit(mark), unit('C')], meter: 'high' },
      });
    const b: Facts = { ...base, outdoorUnit: { ...base.outdoorUnit, reversingValve: 'B' } };
    expect([key(base, 'O'), key(b, 'B')]).toEqual(['heat/volts-outdoor-unit-valve', 'heat/volts-outdoor-unit-valve']);
    const two: Facts = { ...base, outdoorUnit: { ...base.outdoorUnit, stages: 'two' } };
    expect([key(base, 'Y'), key(two, 'Y1')]).toEqual(['heat/volts-outdoor-unit-Y', 'heat/volts-outdoor-unit-Y']);
  });

  test('every key is valid as a reading’s key', () => {
    for (const { facts } of [...SAMPLES, { facts: base }])
      for (const { key } of startupOf(jobModel(facts), [], DEFAULT_MOMENT).flatMap(({ items }) => items))
        expect([key, readingSchema.isValidSync({ ...SAMPLES[1]!.readings[0]!, item: key })]).toEqual([key, true]);
  });
});

describe('what is seen', () => {
  const seen = (scenario: Scenario, observable: Observable, facts = base) =>
    readsAsFound(jobModel(facts, scenario), DEFAULT_MOMENT, { call: 'heat-1', observable });

  test('a blank display, a contactor, and a call that is not visible on batteries', () => {
    const offC = withFault('open:thermostat-cable/blue');
    expect(seen(NO_FAULTS, { kind: 'display', of: 'thermostat' })).toEqual({ kind: 'word', word: 'alive' });
    expect(seen(offC, { kind: 'display', of: 'thermostat' })).toEqual({ kind: 'word', word: 'blank' });
    expect(seen(offC, { kind: 'sight', coil: 'contactor' })).toEqual({ kind: 'word', word: 'out' });
    const battery: Facts = { ...base, thermostat: { ...base.thermostat, power: 'battery' } };
    expect(seen(NO_FAULTS, { kind: 'display', of: 'thermostat' }, battery)).toEqual({ kind: 'word', word: 'alive' });
    expect(seen(withFault('open:outdoor-cable/red'), { kind: 'display', of: 'outdoor-board' })).toMatchObject({
      word: 'blank',
    });
  });

  test('motor amps are zero with the compressor off, and within the plate with it running', () => {
    expect(seen(withFault('open:contactor'), { kind: 'motor-amps', of: 'compressor' })).toMatchObject({ value: 0 });
    expect(seen(NO_FAULTS, { kind: 'motor-amps', of: 'compressor' })).toMatchObject({ kind: 'unknown' });
    expect(seen(NO_FAULTS, { kind: 'motor-amps', of: 'compressor' }, SAMPLES[1]!.facts)).toMatchObject({
      spread: [0, 14.1],
    });
  });

  test('pressures, times and ohms give what they can, and say what is missing', () => {
    expect(seen(NO_FAULTS, { kind: 'pressure', at: 'static' })).toMatchObject({ kind: 'unknown' });
    expect(seen(NO_FAULTS, { kind: 'pressure', at: 'manifold' })).toMatchObject({ value: 3.5 });
    expect(seen(NO_FAULTS, { kind: 'time', of: 'switches' })).toMatchObject({ value: 60 });
    expect(seen(NO_FAULTS, { kind: 'element-ohms', element: 0 })).toMatchObject({ value: 12 });
    expect(seen(NO_FAULTS, { kind: 'element-ohms', element: 9 })).toMatchObject({ kind: 'unknown' });
    expect(seen(NO_FAULTS, { kind: 'ohms', between: [unit('Y'), unit('C')] })).toMatchObject({
      value: expect.closeTo(24 ** 2 / 7, 0),
    });
    expect(seen(withFault('open:contactor'), { kind: 'ohms', between: [unit('Y'), unit('C')] })).toEqual({
      kind: 'open',
    });
  });
});
