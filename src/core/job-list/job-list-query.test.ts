import fc from 'fast-check';
import { BOARD_SORTS, type BoardQuestion, questionFromQuery, questionToQuery, WHOLE_BOARD } from './job-list-query';
import { STAGES } from './job-summary';

const asked = (query: string) => {
  const parameters = new URLSearchParams(query);
  return questionFromQuery((name) => parameters.get(name));
};

test('a question comes back from its address', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: 'grapheme' }),
      fc.boolean(),
      fc.constantFrom(...(Object.keys(BOARD_SORTS) as BoardQuestion['sort'][])),
      fc.constantFrom(null, ...(Object.keys(STAGES) as NonNullable<BoardQuestion['stage']>[])),
      (words, isArchived, sort, stage) => {
        const question = { words, isArchived, sort, stage };
        expect(asked(questionToQuery(question))).toEqual(question);
      },
    ),
  );
});

test('what is not known asks for everything', () => {
  expect(asked('?sort=constructor&stage=done&shelf=x')).toEqual(WHOLE_BOARD);
  expect(questionToQuery(WHOLE_BOARD)).toBe('');
});
