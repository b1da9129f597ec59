import { readJobDraft } from './read-draft';

const ID = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001';
const reading = {
  id: ID,
  item: 'conditions/outdoor',
  value: 31,
  place: null,
  at: '2026-02-01T10:00:00.000Z',
  author: 'Fen Ashe',
  instrument: '',
  replaces: null,
};

test('a draft of the first version, without marks, visits or typed text, is read', () => {
  const read = readJobDraft({ baseRevision: 3, pending: { 'house.noLoadF': 61 }, outbox: [reading] });
  expect(read).toEqual({
    ok: true,
    value: {
      draft: {
        fileVersion: 2,
        baseRevision: 3,
        pending: { 'house.noLoadF': 61 },
        outbox: [reading],
        marksOut: [],
        visitsOut: [],
        sending: null,
      },
      unread: null,
    },
  });
});

test('what cannot be read is set aside, and holds up nothing else', () => {
  const broken = { ...reading, value: { no: 'number' } };
  const read = readJobDraft({
    baseRevision: 3,
    pending: { 'house.noLoadF': 61, 'attic.color': 'blue' },
    outbox: [broken, reading],
    marksOut: ['no mark'],
  });
  expect(read.ok && read.value.draft).toMatchObject({ pending: { 'house.noLoadF': 61 }, outbox: [reading] });
  expect(read.ok && read.value.unread).toEqual({
    baseRevision: 3,
    pending: { 'attic.color': 'blue' },
    outbox: [broken],
    marksOut: ['no mark'],
  });
});

test.each([
  null,
  7,
  'text',
  [],
  {},
  { baseRevision: '3', pending: {}, outbox: [] },
  { baseRevision: 3, pending: [], outbox: [] },
])('no draft: %j', (value) => expect(readJobDraft(value).ok).toBe(false));
