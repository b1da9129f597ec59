import { DEFAULT_MOMENT } from '../control/moment';
import { type FactPath, type Facts, withFact } from '../job/document';
import type { Reading, UntakenReading } from '../job/reading';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { returnVisit } from './return-visit';
import { startupOf } from './startup-of';

const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce<Facts>((before, [path, value]) => withFact(before, path, value), SAMPLES[0]!.facts);
const WIRED = ['thermostat.outdoorSensor', 'wired'] as const;
const FREE = [
  ['gates.compressorBelowF', null],
  ['gates.auxAboveF', null],
  ['gates.outdoorThermostats', []],
  ['outdoorUnit.minOutdoorF', null],
] as const;
const at = (of: Facts, outdoorF: number, ...readings: Reading[]) =>
  returnVisit(of, startupOf(jobModel(of), [said('conditions/outdoor', outdoorF), ...readings], DEFAULT_MOMENT));
const steps = (of: Facts, outdoorF: number) => at(of, outdoorF).map(({ step }) => step);

test('in the cold, cooling waits for warmth; in the heat, heating and defrost wait for cold', () => {
  expect(steps(facts(...FREE), 28)).toEqual(['cool-air']);
  expect(steps(facts(...FREE), 60)).toEqual(['defrost', 'cool-air']);
  expect(steps(facts(...FREE), 85)).toEqual(['heat', 'defrost']);
});

test('what a lockout blocks today waits for the weather beyond it', () => {
  const locked = facts(...FREE, WIRED, ['gates.compressorBelowF', 35], ['gates.auxAboveF', 40]);
  expect(at(locked, 20).find(({ step }) => step === 'heat')).toMatchObject({
    why: expect.stringMatching(/locked out below 35/),
    due: expect.stringMatching(/^35 °F or more out/),
  });
  expect(at(locked, 50).find(({ step }) => step === 'heat-aux')!.due).toMatch(/^40 °F or less out/);
  // Two ways to see strips run despite a lockout, with what each proves.
  const aux = startupOf(jobModel(locked), [said('conditions/outdoor', 50)], DEFAULT_MOMENT).find(
    ({ step }) => step.id === 'heat-aux',
  )!;
  expect(aux.built.how.join(' ')).toMatch(/By jumper.*not the thermostat.*By setting.*put it back/);
  expect(aux.items.map(({ item }) => item.id)).toEqual(expect.arrayContaining(['by-jumper', 'put-back']));
});

test('the season is given in months of the job’s climate, across the turn of the year too', () => {
  const basin = facts(...FREE, ['year.weather', 'sorrel-basin']);
  const cooling = at(basin, 20).find(({ step }) => step === 'cool-air')!.due;
  expect(cooling).toMatch(/^65 °F or more out: (Apr|May|Jun) to (Aug|Sep|Oct)$/);
  const defrosting = at(basin, 60).find(({ step }) => step === 'defrost')!.due;
  expect(defrosting).toMatch(/^50 °F or less out: (Aug|Sep|Oct|Nov) to (Apr|May|Jun)$/);
  const own = facts(...FREE, ['year.weather', 'own-weather-0001']);
  expect(at(own, 20).find(({ step }) => step === 'cool-air')!.due).toBe('65 °F or more out');
});

test('what was left out with a reason waits too, and what was read does not', () => {
  const of = facts(...FREE);
  const left: UntakenReading = {
    ...said('heat/compressor-amps', 0),
    status: 'not-measured',
    value: null,
    why: 'Clamp left at the shop',
  };
  const found = at(of, 28, left);
  expect(found).toContainEqual(
    expect.objectContaining({ step: 'heat', why: 'Clamp left at the shop', due: 'next visit' }),
  );
});
