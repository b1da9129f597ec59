import { DEFAULT_MOMENT } from '../control/moment';
import { type Reading, type ReadingValue, seenValue } from '../job/reading';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { familyById } from '../wiring/families';
import { activeStops } from './active-stops';
import { handsOut, suppliesOf, supplyStates } from './energy';
import { startupOf } from './startup-of';
import { STARTUP_STEPS } from './steps';

const started = SAMPLES[1]!.facts;
const dead = (facts = started) => suppliesOf(facts).map(({ id }) => said(`make-safe/dead-${id}`, 'done'));
const energies = (readings: readonly Reading[]) =>
  Object.fromEntries(supplyStates(started, readings).map(({ id, energy }) => [id, energy]));

test('the supplies are those that make-safe verifies dead, on every kind of system', () => {
  for (const id of ['w1+aux-e+single+w-out+o', 'gas+aux-e+single+w-out+o', 'packaged+w2+single+no-w+b-own']) {
    const { facts } = familyById(id)!;
    const proved = startupOf(jobModel(facts), [], DEFAULT_MOMENT).flatMap(({ items }) =>
      items.flatMap(({ item }) => item.proves ?? []),
    );
    expect(proved).toEqual(suppliesOf(facts).map((supply) => supply.id));
    expect(proved.length).toBeGreaterThan(0);
  }
  expect(STARTUP_STEPS[0]!.id).toBe('make-safe');
});

test('verified dead holds until something reads live, however long; then only a new check counts', () => {
  const proofs = dead();
  expect(energies(proofs)).toEqual({ 'kit-1': 'proved', 'kit-2': 'proved', outdoor: 'proved' });
  const live = said('supply-volts/kit-1', 241);
  expect(energies([...proofs, live])).toEqual({ 'kit-1': 'live', 'kit-2': 'proved', outdoor: 'proved' });
  expect(energies([...proofs, live, said('make-safe/dead-kit-1', 'done')])['kit-1']).toBe('proved');
  // The order of the record decides, not the order in the list.
  expect(energies([live, ...proofs])['kit-1']).toBe('live');
});

test.each<[string, ReadingValue, 'kit-1' | 'outdoor']>([
  ['strips/volts', 236, 'kit-1'],
  ['heat-aux/amps-1', 42, 'kit-1'],
  ['emergency/amps-element-2', 19, 'kit-1'],
  ['heat/volts-air-handler-R', 26, 'kit-1'],
  ['heat/look-blower', seenValue('runs'), 'kit-1'],
  ['heat/compressor-amps', 9, 'outdoor'],
  ['heat/look-outdoor-unit', seenValue('compressor-alone'), 'outdoor'],
  ['heat/volts-outdoor', 238, 'outdoor'],
])('%s of %p is live: hands stay out', (item, value, supply) => {
  const readings = [...dead(), said(item, value)];
  expect(energies(readings)[supply]).toBe('live');
  expect(handsOut(started, supplyStates(started, readings), 'every')).toMatch(/^Hands out\. .*live when last read/);
});

test('open, locked out, verified dead: each is recorded separately, and a live reading ends any of them', () => {
  const said1 = (value: ReadingValue) => said('make-safe/dead-outdoor', value);
  const open = said1(seenValue('open'));
  const locked = said1(seenValue('locked'));
  expect(energies([open]).outdoor).toBe('open');
  expect(energies([open, locked]).outdoor).toBe('locked');
  expect(energies([open, locked, said('supply-volts/outdoor', 0.2)]).outdoor).toBe('locked');
  expect(energies([open, locked, said1('done')]).outdoor).toBe('proved');
  expect(energies([open, locked, said('heat/volts-outdoor', 240)]).outdoor).toBe('live');
  expect(energies([said1('done'), said1('undone')]).outdoor).toBe('unknown');
  const item = (readings: readonly Reading[]) =>
    startupOf(jobModel(started), readings, DEFAULT_MOMENT)
      .flatMap(({ items }) => items)
      .find(({ key }) => key === 'make-safe/dead-outdoor')!;
  // On the way to its proof, or withdrawn, it is still open.
  for (const value of [seenValue('open'), seenValue('locked'), seenValue('tested'), 'undone'] as const)
    expect(item([said1(value)]).verdict).toBeUndefined();
  expect(item([said1('done')]).verdict?.grade).toBe('pass');
});

test('no volts on a meter verifies nothing, and undoes nothing', () => {
  const none = said('supply-volts/kit-1', 0.4);
  expect(energies([none])['kit-1']).toBe('no-volts');
  expect(energies([...dead(), said('supply-volts/kit-1', 0.4)])['kit-1']).toBe('proved');
  expect(handsOut(started, supplyStates(started, [none]), 'indoor')).toMatch(/no volts read, not locked out/);
});

test('a withdrawn live reading counts as none; a withdrawn tick verifies nothing', () => {
  const proofs = dead();
  const live = said('supply-volts/kit-1', 241);
  const back: Reading = {
    ...live,
    id: 'back',
    at: new Date(Date.UTC(2026, 1, 1, 12)).toISOString(),
    status: 'withdrawn',
    value: null,
    why: 'wrong job',
    replaces: live.id,
  };
  expect(energies([...proofs, live, back])['kit-1']).toBe('proved');
  expect(energies([...proofs, said('make-safe/dead-outdoor', 'undone')]).outdoor).toBe('unknown');
});

test('startup: while a supply is live, lugs and ohms stay locked, and its tick must be made again', () => {
  const items = (readings: readonly Reading[]) =>
    new Map(
      startupOf(jobModel(started), readings, DEFAULT_MOMENT).flatMap((step) =>
        step.items.map((item) => [item.key, item] as const),
      ),
    );
  const proofs = dead();
  const safe = items(proofs);
  expect(['make-safe/lugs', 'element-ohms/ohms-1'].map((key) => safe.get(key)!.heldShut)).toEqual([null, null]);
  const live = items([...proofs, said('heat-aux/amps-1', 40)]);
  expect(['make-safe/lugs', 'element-ohms/ohms-1'].map((key) => live.get(key)!.heldShut)).toEqual(
    Array(2).fill('Hands out. Open, lock out and verify dead first: heat-kit circuit 1 (live when last read).'),
  );
  expect([live.get('make-safe/dead-kit-1')!.isLiveAgain, live.get('make-safe/dead-outdoor')!.isLiveAgain]).toEqual([
    true,
    false,
  ]);
  // The record keeps when it was verified.
  expect(live.get('make-safe/dead-kit-1')!.verdict?.grade).toBe('pass');
});

test('hands: no live reading is not verified, open alone is not, locked is not; each cabinet asks for its own', () => {
  const shut = (readings: readonly Reading[], cabinet: 'indoor' | 'outdoor') =>
    handsOut(started, supplyStates(started, readings), cabinet);
  expect(shut([], 'indoor')).toMatch(/heat-kit circuit 1 \(not opened yet\)/);
  const step = (value: ReadingValue) => said('make-safe/dead-outdoor', value);
  expect(shut([step(seenValue('open'))], 'outdoor')).toMatch(/open, not locked out/);
  expect(shut([step(seenValue('locked'))], 'outdoor')).toMatch(/locked out, not verified dead/);
  expect(shut([step(seenValue('tested'))], 'outdoor')).toMatch(/locked out, not verified dead/);
  expect(shut([step('done')], 'outdoor')).toBeNull();
  expect(shut([step('done')], 'indoor')).toMatch(/^Hands out/);
  expect(shut(dead(), 'indoor')).toBeNull();
});

test('a supply that is locked out and still live stops the work, and only a new check clears it', () => {
  const live = said('make-safe/dead-outdoor', seenValue('still-live'));
  const plan = startupOf(jobModel(started), [live], DEFAULT_MOMENT);
  const verdict = plan.flatMap(({ items }) => items).find(({ key }) => key === 'make-safe/dead-outdoor')!.verdict!;
  expect([verdict.grade, verdict.stop]).toEqual(['fail', 'not-verified-dead']);
  expect(activeStops(started, plan, [live]).map(({ stop }) => stop)).toEqual(['not-verified-dead']);
  const after = [live, said('make-safe/dead-outdoor', 'done')];
  expect(activeStops(started, startupOf(jobModel(started), after, DEFAULT_MOMENT), after)).toEqual([]);
});
