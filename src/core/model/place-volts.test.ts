import { DEFAULT_MOMENT } from '../control/moment';
import { takenReading } from '../job/reading';
import { SAMPLES } from '../samples';
import { calledTerminals } from '../wiring/called';
import { jobModel } from './job-model';
import { placeVolts } from './place-volts';

const facts = SAMPLES.find(({ id }) => id === 'quarry-bench')!.facts;
const at = (call: 'off' | 'heat-1' | 'heat-aux') => ({ ...DEFAULT_MOMENT, call });

test('what a call makes live excludes what is live anyway', () => {
  const model = jobModel(facts);
  const rest = model.state(at('off'));
  const called = calledTerminals(model.state(at('heat-1')), rest);
  expect([...called]).toEqual(expect.arrayContaining(['thermostat.Y', 'outdoor-unit.Y', 'air-handler.G']));
  expect([...called].filter((node) => node.endsWith('.R'))).toEqual([]);
  expect(calledTerminals(rest, rest).size).toBe(0);
});

test('terminal by terminal: volts to its common, and what was read there on this call only', () => {
  const model = jobModel(facts);
  const reading = takenReading({
    id: 'a',
    item: 'heat-aux/volts-air-handler-W1',
    value: 24.8,
    place: null,
    at: '2026-01-05T12:00:00Z',
    author: 'R. Achterberg',
    instrument: '',
    replaces: null,
    visit: 'v',
  });
  const row = (call: 'heat-1' | 'heat-aux') =>
    placeVolts(facts, jobModel(facts).planned, model.state(at(call)), [reading])
      .find(({ device }) => device === 'air-handler')!
      .terminals.find(({ ref }) => ref.mark === 'W1')!;
  expect(row('heat-aux')).toMatchObject({ isHot: true, read: 24.8 });
  expect(row('heat-aux').volts).toBeGreaterThan(22);
  expect(row('heat-1')).toMatchObject({ isHot: false, read: null });
});

test('every terminal but the commons is listed, each with the common it is read to', () => {
  const harness = jobModel(facts).planned;
  const places = placeVolts(facts, harness, jobModel(facts).state(at('heat-1')), []);
  expect(places.map(({ device }) => device)).toEqual(harness.devices.map(({ id }) => id));
  for (const { terminals } of places) {
    expect(new Set(terminals.map(({ to }) => to.mark))).toEqual(new Set(['C']));
    expect(terminals.map(({ ref }) => ref.mark)).not.toContain('C');
  }
});
