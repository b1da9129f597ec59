import { parseTypedWiring } from './typed-wiring';

test('a wall typed at once: letters, colors, far ends, in either order', () => {
  expect(parseTypedWiring('R red > R, blue C,\n W2 white > W1; gray > spare, orange')).toEqual({
    kind: 'wall',
    rows: [
      { colour: 'red', letter: 'R', board: 'R' },
      { colour: 'blue', letter: 'C', board: '' },
      { colour: 'white', letter: 'W2', board: 'W1' },
      { colour: 'grey', letter: '', board: 'spare' },
      { colour: 'orange', letter: '', board: '' },
    ],
  });
});

test.each([
  ['', /Nothing typed yet/],
  ['R', /“R” has no color/],
  ['R C red', /one letter, one color/],
  ['R red blue', /one letter, one color/],
  ['R red > R > C', /one letter, one color/],
  ['ABCDEFGHI red', /at most 8 characters/],
])('%p is reported as wrong', (text, why) => {
  expect(parseTypedWiring(text)).toMatchObject({ kind: 'wrong', why: expect.stringMatching(why) });
});
