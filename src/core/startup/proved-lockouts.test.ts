import { outdoorRuler } from '../balance/outdoor-ruler';
import type { Facts } from '../job/document';
import { said } from '../job/test-readings';
import { SAMPLES } from '../samples';
import { lockoutsTested } from './proved-lockouts';

const base = SAMPLES[0]!.facts;
const facts: Facts = {
  ...base,
  thermostat: { ...base.thermostat, outdoorSensor: 'wired' },
  gates: { ...base.gates, compressorBelowF: 30, auxAboveF: 40, outdoorThermostats: [{ bank: 0, closesBelowF: 25 }] },
};
const posts = (of: Facts) => outdoorRuler(of).lanes.flatMap((lane) => lane.markers);
const post = (fact: string, of = facts) => posts(of).find((each) => each.fact === fact)!;
const seen = (id: string, atF: number) => ({ ...said(`gates/${id}`, 'done'), place: String(atF) });

test('a marker is assumed until both of its sides were seen and it was put back', () => {
  const compressor = post('gates.compressorBelowF');
  const sides = ['compressor-drops', 'compressor-back', 'compressor-put'].map((id) => seen(id, 30));
  expect(lockoutsTested(facts, [], compressor)).toBeNull();
  expect(lockoutsTested(facts, sides.slice(0, 2), compressor)).toBeNull();
  expect(lockoutsTested(facts, sides, compressor)).toBe(
    sides
      .map(({ at }) => at)
      .sort()
      .at(-1),
  );
  // What was seen of one lockout says nothing about another.
  expect(lockoutsTested(facts, sides, post('gates.auxAboveF'))).toBeNull();
});

test('changed afterward it is assumed again, and proved if set back', () => {
  const sides = ['compressor-drops', 'compressor-back', 'compressor-put'].map((id) => seen(id, 30));
  const moved: Facts = { ...facts, gates: { ...facts.gates, compressorBelowF: 25 } };
  expect(lockoutsTested(moved, sides, post('gates.compressorBelowF', moved))).toBeNull();
});

test('an outdoor thermostat is proved by its dial; the unit low-temp cutoff by nothing here', () => {
  expect(lockoutsTested(facts, [seen('dial-1', 25)], post('gates.outdoorThermostats'))).not.toBeNull();
  expect(lockoutsTested(facts, [seen('dial-1', 20)], post('gates.outdoorThermostats'))).toBeNull();
  expect(lockoutsTested(facts, [], { label: 'unit low-temp cutoff', atF: 5 })).toBeNull();
});
