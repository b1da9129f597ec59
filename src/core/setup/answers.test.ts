import { assumedFacts, type FactPath, type Facts, withFact } from '../job/document';
import { apartF } from '../units/degrees';
import { answerEffects, questionsOf } from './answers';
import { resolveSettings } from './resolve';
import { settingWords } from './value';

const NOBODY = new Set<FactPath>();
const facts = (...changes: readonly [FactPath, unknown][]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const job = (...changes: readonly [FactPath, unknown][]) => ({ facts: facts(...changes), confirmed: NOBODY });

test('questions that depend on an answer are asked only after it', () => {
  expect(questionsOf(job())).not.toContain('talk.wakeHour');
  expect(questionsOf(job(['talk.schedule', 'night']))).toEqual(
    expect.arrayContaining(['talk.wakeHour', 'talk.setbackF']),
  );
});

test('each answer shows what it sets, and the one given is marked', () => {
  const effects = answerEffects(job(), 'talk.leaning');
  expect(effects.map(({ answer, isCurrent }) => [answer, isCurrent])).toEqual([
    ['Comfort', false],
    ['Some of both', true],
    ['The bill', false],
  ]);
  expect(effects.map(({ sets }) => sets.find(({ id }) => id === 'droop')!.words)).toEqual([
    apartF(0),
    apartF(2),
    apartF(3),
  ]);
});

test('what is shown for an answer is what it does', () => {
  for (const path of questionsOf(job()))
    for (const { isCurrent, sets } of answerEffects(job(), path)) {
      if (!isCurrent) continue;
      const settings = resolveSettings(job());
      for (const { id, words } of sets)
        expect(words).toBe(settingWords(settings.get(id)!.setting, settings.get(id)!.value));
    }
});

test('a setting that an answer removes is not listed for it', () => {
  const [steady, night] = answerEffects(job(), 'talk.schedule');
  expect(steady!.sets.map(({ id }) => id)).not.toContain('wake-time');
  expect(night!.sets.map(({ id }) => id)).toContain('wake-time');
});

test('a scale with many answers shows only the one given', () =>
  expect(answerEffects(job(['talk.schedule', 'night']), 'talk.wakeHour')).toEqual([
    { answer: '6:30 AM', isCurrent: true, sets: [expect.objectContaining({ id: 'wake-time', words: '6:30 AM' })] },
  ]));
