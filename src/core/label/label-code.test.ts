import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { assumedFacts, type Facts, factValue } from '../job/document';
import { SAMPLES } from '../samples';
import { families } from '../wiring/families';
import { plan } from '../wiring/plan';
import { fromBase45, toBase45 } from './base45';
import { LABEL_BASE } from './label-base';
import { LABEL_FACTS, labelCode, readLabelCode } from './label-code';

const read = (text: string) => {
  const result = readLabelCode(text);
  return result.kind === 'label' ? result.label : result.why;
};
const BYTES = 2_300;
/** Bytes of a code in QR alphanumeric mode: eleven bits for two characters. */
const bytesOf = (code: string) => Math.ceil((code.length * 5.5) / 8);

test('any bytes survive encoding; the two examples of RFC 9285', () => {
  expect(toBase45(new TextEncoder().encode('AB'))).toBe('BB8');
  expect(toBase45(new TextEncoder().encode('base-45'))).toBe('UJCLQE7W581');
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 40 }), (bytes) => expect(fromBase45(toBase45(bytes))).toEqual(bytes)),
  );
  expect([fromBase45('GGW'), fromBase45('a'), fromBase45('ABCD'), fromBase45('::')]).toEqual([null, null, null, null]);
});

test('every family comes back to the same plan, within 2,300 bytes', () => {
  for (const { id, facts } of families().filter((_, at) => at % 11 === 0)) {
    const code = labelCode({ on: '2026-11-26', facts });
    expect(bytesOf(code)).toBeLessThan(BYTES);
    const label = read(code);
    expect([id, typeof label === 'string' ? label : plan(label.facts)]).toEqual([id, plan(facts)]);
  }
});

test('a label leaves out what its base says, and the base is frozen: every fact of it is known and allowed', () => {
  expect(read(labelCode({ on: '2026-11-26', facts: assumedFacts() }))).toMatchObject({ facts: assumedFacts() });
  expect(Object.keys(LABEL_BASE).filter((path) => !LABEL_FACTS.some((each) => each === path))).toEqual([]);
  expect(createHash('sha256').update(JSON.stringify(LABEL_BASE)).digest('hex').slice(0, 16)).toBe('82e923cd4dc332b1');
});

test('the sample jobs come back fact by fact, except personal details', () => {
  for (const { facts } of SAMPLES) {
    const code = labelCode({ on: '2026-11-26', facts });
    expect(bytesOf(code)).toBeLessThan(BYTES);
    const label = read(code) as { on: string; facts: Facts };
    expect(label.on).toBe('2026-11-26');
    for (const path of LABEL_FACTS) expect(factValue(label.facts, path)).toEqual(factValue(facts, path));
    expect(label.facts.site).toEqual({ ...assumedFacts().site, elevationFt: facts.site.elevationFt });
    expect(label.facts.talk).toEqual(assumedFacts().talk);
  }
});

const CODE = labelCode({ on: '2026-11-26', facts: SAMPLES[2]!.facts });

test('a damaged code is refused or reads as it was: it is never read as something else', () => {
  const sound = read(CODE);
  const at = fc.integer({ min: 12, max: CODE.length - 1 });
  const sign = fc.constantFrom(...'0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./');
  fc.assert(
    fc.property(at, sign, (place, other) => {
      fc.pre(CODE[place] !== other);
      const damaged = read(CODE.slice(0, place) + other + CODE.slice(place + 1));
      // An unused bit of the stream does no harm: the checksum still holds.
      if (typeof damaged === 'string') expect(damaged).toMatch(/^The code is damaged/);
      else expect(damaged).toEqual(sound);
    }),
    { numRuns: 150 },
  );
  expect(read(CODE.slice(0, -30))).toMatch(/^The code is damaged/);
});

test.each([
  ['a newer version', CODE.replace('GATECROSS:1:', 'GATECROSS:2:'), /made by a newer version/],
  ['another code', 'https://example.org', /not a Gate Cross label/],
  ['nothing', '', /not a Gate Cross label/],
  ['no version', 'GATECROSS:x:AB', /is damaged/],
  ['far too much', `GATECROSS:1:${'A'.repeat(9000)}`, /is damaged/],
])('%s is refused with what to do', (_name, text, why) => {
  expect(read(text)).toMatch(why);
});
