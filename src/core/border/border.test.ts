import fc from 'fast-check';
import { parseJson, parseWith } from './parse';
import { plainText } from './schema';
import { shapeProblem } from './shape';
import { cutText, textProblem } from './text';

describe('cutting text', () => {
  test.each([
    ['a family goes whole', 'four 👩‍👩‍👧‍👦 here', 8, 'four'],
    ['an accent stays with its letter', 'cafe\u0301 au lait', 4, 'caf'],
    ['a short one stays', 'Ladder 🪜', 9, 'Ladder 🪜'],
  ])('%s', (_, text, most, cut) => expect(cutText(text, most)).toBe(cut));

  test('a cut text is the start of the text, short enough, and storable', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), fc.integer({ min: 0, max: 60 }), (text, most) => {
        const cut = cutText(text, most);
        expect(text.startsWith(cut)).toBe(true);
        expect(cut.length).toBeLessThanOrEqual(Math.max(most, 0));
        expect(textProblem(text) === null ? textProblem(cut) : null).toBeNull();
      }),
    ));
});

describe('text that the database cannot store', () => {
  test('is refused on input, with the reason', () => {
    expect(parseWith(plainText(80), 'half \ud83e')).toMatchObject({
      ok: false,
      error: expect.stringMatching(/broken character/),
    });
    expect(parseJson('{"a":{"b":["x","\\ud83e"]}}')).toMatchObject({ ok: false, path: 'a.b[1]' });
    expect(parseJson('{"a\\u0000":1}')).toMatchObject({ ok: false, error: expect.stringMatching(/NUL/) });
    expect(parseJson('{"a":"🪜"}')).toMatchObject({ ok: true });
  });
});

describe('an oversized shape', () => {
  test('endless nesting is refused, written out or self-referencing', () => {
    const ring: unknown[] = [];
    ring.push(ring);
    expect(shapeProblem(ring)).toMatchObject({ error: 'is nested too deep' });
    expect(parseJson('['.repeat(100_000) + ']'.repeat(100_000))).toMatchObject({ ok: false });
  });

  test('values without limit are refused; a large good one passes', () => {
    expect(shapeProblem(new Array(400_001).fill(0))).toMatchObject({ error: 'has too many values' });
    expect(shapeProblem({ rows: new Array(100_000).fill(1) })).toBeNull();
  });
});
