import fc from 'fast-check';
import { PASSWORD_LETTERS, passwordProblem } from './password';
import { handleOf, parseSignInName, signInName } from './sign-in-name';

test.each([
  ['short', /at least 10 characters/],
  ['aaaaaaaaaaaa', /too common/],
  ['1234567890', /too common/],
  ['0987654321', /too common/],
  ['qwertyuiop', /too common/],
  ['Password1234', /too common/],
  ['mossgate 12', /Do not use your own name/],
  ['x'.repeat(201), /at most 200/],
])('“%s” is not accepted, and the reason is given', (password, problem) => {
  expect(passwordProblem(password, ['Mossgate', 'Ana'])).toMatch(problem);
});

test.each(['wet leaves on the coil', 'ана Вакс 12345', 'mossgate by the river', 'correct-horse'])(
  '“%s” is accepted: there is no rule about kinds of characters',
  (password) => {
    expect(passwordProblem(password, ['Mossgate', 'Ana'])).toBeNull();
  },
);

test('every input is either accepted or explained; a short one is never accepted', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 220, unit: 'grapheme' }), fc.array(fc.string()), (password, names) => {
      const problem = passwordProblem(password, names);
      if ([...password].length < PASSWORD_LETTERS.least) expect(problem).toMatch(/^Too short/);
      if ([...password].length > PASSWORD_LETTERS.most) expect(problem).toMatch(/^Too long/);
    }),
  );
});

describe('a sign-in name', () => {
  test.each([
    ['Rosalind Achterberg', 'rosalind-achterberg'],
    ['Søren Ångström', 's-ren-angstrom'],
    ['  J. O’Neil  ', 'j-o-neil'],
    ['<script>', 'script'],
    ['李', ''],
  ])('from “%s”', (words, handle) => expect(handleOf(words)).toBe(handle));

  test('made from any two names is parsed back, in any case', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (one, other) => {
        const [person, crew] = [handleOf(one), handleOf(other)];
        if (!person || !crew) return;
        expect(parseSignInName(` ${signInName({ person, crew }).toUpperCase()} `)).toEqual({ person, crew });
      }),
    );
  });

  test.each(['ana', 'ana@', '@crew', 'ana@crew@other', 'an a@crew', ''])('“%s” is not valid', (typed) =>
    expect(parseSignInName(typed)).toBeNull(),
  );
});
