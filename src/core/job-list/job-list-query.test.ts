import fc from 'fast-check';
import { ALL_JOBS, JOB_LIST_SORTS, type JobListQuery, queryFromAddress, queryToAddress } from './job-list-query';
import { STAGES } from './job-summary';

const asked = (query: string) => {
  const parameters = new URLSearchParams(query);
  return queryFromAddress((name) => parameters.get(name));
};

test('a query round-trips through its address', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: 'grapheme' }),
      fc.boolean(),
      fc.constantFrom(...(Object.keys(JOB_LIST_SORTS) as JobListQuery['sort'][])),
      fc.constantFrom(null, ...(Object.keys(STAGES) as NonNullable<JobListQuery['stage']>[])),
      (words, isArchived, sort, stage) => {
        const question = { words, isArchived, sort, stage };
        expect(asked(queryToAddress(question))).toEqual(question);
      },
    ),
  );
});

test('an unknown query asks for everything', () => {
  expect(asked('?sort=constructor&stage=done&shelf=x')).toEqual(ALL_JOBS);
  expect(queryToAddress(ALL_JOBS)).toBe('');
});
