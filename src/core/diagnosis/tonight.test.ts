import { DEFAULT_MOMENT } from '../control/moment';
import { type Facts } from '../job/document';
import { seenValue } from '../job/reading';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { familyById } from '../wiring/families';
import { PUT_BACK_ITEM, TONIGHT_ITEM, toPutBack, undoNote } from './recorded-items';
import { tableOf } from './table';
import { type TonightOption, tonightOptions } from './tonight';

const cold = (facts: Facts): Facts => ({ ...facts, house: { ...facts.house, designBtuh: 34_000 } });
const strips = tableOf(jobModel(cold(familyById('w1+aux-e+single+w-out+o')!.facts)), DEFAULT_MOMENT);
const dual = tableOf(jobModel(cold(familyById('gas+aux-e+single+w-out+o')!.facts)), DEFAULT_MOMENT);
const NIGHT_F = 10;

test('a dead compressor: everything heats with the strips alone, as far as they go, with this house’s figures', () => {
  const [emergency] = tonightOptions(strips, 'outdoors:compressor', NIGHT_F) as [TonightOption];
  // Two elements of 4.8 kW; the house loses 34,000 Btu/h at 10 °F less what it gains.
  expect(emergency.heatBtuh).toBeCloseTo(9.6 * 3412.14, 0);
  const lossPerF = 34_000 / (62 - 10);
  expect(emergency.holdsF).toBeCloseTo(Math.min(68, 10 + (emergency.heatBtuh + lossPerF * 6) / lossPerF), 6);
  expect(emergency.hoursTo45).toBeNull();
});

test('with half the kit dead too, the room cools, and the hours to 45 °F follow from its time constant', () => {
  const night = tonightOptions(strips, 'supply:line-dead', -20);
  const best = night[0]!;
  expect(best.hoursTo45 === null || best.hoursTo45 > 0).toBe(true);
  expect(tonightOptions(strips, 'supply:transformer-dead', -20)).toEqual([]);
});

test('a valve that is energized when it should not be: lifting O outdoors gives heat, and is put back', () => {
  const ways = tonightOptions(strips, 'stuck-closed:thermostat R–O/B', NIGHT_F);
  const lifted = ways.find(({ id }) => id === 'valve-off')!;
  const left = ways.find(({ id }) => id === 'as-it-stands')!;
  expect(lifted.heatBtuh).toBeGreaterThan(left.heatBtuh + 10_000);
  expect(lifted.undo).toEqual(['O back on its terminal at the outdoor unit']);
});

test('a broken conductor with a spare: the spare restores everything', () => {
  const ways = tonightOptions(strips, 'open:thermostat-cable/white', NIGHT_F);
  const spare = ways.find(({ id }) => id === 'spare')!;
  expect(spare.heatBtuh).toBeGreaterThan(ways.find(({ id }) => id === 'as-it-stands')!.heatBtuh + 30_000);
});

test('a dead furnace: the heat pump alone, with its lockout lifted', () => {
  const facts = dual.model.facts;
  const locked = tableOf(
    jobModel({
      ...facts,
      thermostat: { ...facts.thermostat, outdoorSensor: 'weather' },
      gates: { ...facts.gates, compressorBelowF: 30 },
    }),
    DEFAULT_MOMENT,
  );
  const ways = tonightOptions(locked, 'furnace:igniter', 15);
  const lifted = ways.find(({ id }) => id === 'heat-pump-alone')!;
  expect(lifted.undo[0]).toMatch(/compressor 30 °F/);
  // Emergency heat gives nothing, and is not offered.
  expect(ways.map(({ id }) => id)).not.toContain('emergency');
});

test('none of them bypasses anything', () => {
  for (const table of [strips, dual])
    for (const { id } of table.causes.filter((_, at) => at % 7 === 0))
      for (const way of tonightOptions(table, id, NIGHT_F))
        expect([...way.how, way.words].join(' ')).not.toMatch(/bypass|bridge|jumper|defeat/i);
});

test('a setting for one night must be put back until someone says it was', () => {
  const set = { ...said(TONIGHT_ITEM, seenValue('emergency|x')), note: undoNote(['one', 'other']) };
  expect(toPutBack([set])).toEqual(['one', 'other']);
  expect(toPutBack([set, said(PUT_BACK_ITEM, 'done')])).toEqual([]);
  const undone = said(PUT_BACK_ITEM, 'done');
  const again = { ...said(TONIGHT_ITEM, seenValue('fan-on|x')), note: undoNote(['fan']) };
  expect(toPutBack([set, undone, again])).toEqual(['fan']);
  expect(toPutBack([{ ...said(TONIGHT_ITEM, seenValue('as-it-stands|x')), note: '' }])).toEqual([]);
});

test.each([
  ['strips', strips],
  ['dual', dual],
])('a dead blower: nothing safe gives heat, and no way is offered (%s)', (_, table) =>
  expect(tonightOptions(table, 'air:blower-dead', NIGHT_F)).toEqual([]),
);

test('a welded contactor never stays connected: the disconnect comes out first, and the strips heat', () => {
  const ways = tonightOptions(strips, 'outdoors:contactor-welded', NIGHT_F);
  expect(ways.length).toBeGreaterThan(0);
  for (const { how, undo, heatBtuh } of ways) {
    expect(how[0]).toMatch(/^First: pull the outdoor disconnect/);
    expect(undo.join(' ')).toMatch(/after the contactor is replaced/);
    // The strips alone: the compressor is off.
    expect(heatBtuh).toBeLessThanOrEqual(9.6 * 3412.14 + 1);
  }
});

test('a welded element never stays connected: with the blower on its circuit, nothing is left that heats', () => {
  const ways = tonightOptions(strips, 'strips:welded-1', NIGHT_F);
  for (const { how } of ways) expect(how[0]).toMatch(/^First: open every breaker of the heat kit/);
  expect(ways.every(({ heatBtuh }) => heatBtuh > 0)).toBe(true);
});

test('every way for every cause gives heat, moves air and leaves nothing on that stops the work', () => {
  for (const table of [strips, dual])
    for (const { id, stop } of table.causes)
      for (const way of tonightOptions(table, id, NIGHT_F)) {
        expect([id, way.heatBtuh > 0]).toEqual([id, true]);
        if (stop) expect([id, /^First: /.test(way.how[0]!)]).toEqual([id, true]);
      }
});
