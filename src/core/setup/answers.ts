import { factApplies } from '../job/applies';
import { ALL_FACTS, factAt, type FactPath, factValue, withFact } from '../job/document';
import { resolveSettings } from './resolve';
import type { ResolvedSettings, SetupJob } from './resolve-among';
import type { SettingId } from './setting-id';
import { SETTINGS } from './settings';
import { settingWords } from './value';

/** Homeowner questions that apply to a job, in order. */
export const questionsOf = ({ facts }: SetupJob): readonly FactPath[] =>
  ALL_FACTS.filter(({ group, path }) => group === 'talk' && factApplies(facts, path)).map(({ path }) => path);

/** Effects of one answer: settings with their value in words. */
export interface AnswerEffect {
  readonly answer: string;
  readonly isCurrent: boolean;
  readonly sets: readonly { readonly id: SettingId; readonly label: string; readonly words: string }[];
}

/** With more answers than this, only the given one is shown. */
const MOST_COMPARED = 4;

const answersTo = (path: FactPath): readonly { readonly value: unknown; readonly label: string }[] => {
  const fact = factAt(path);
  switch (fact.kind) {
    case 'flag':
      return [
        { value: true, label: 'Yes' },
        { value: false, label: 'No' },
      ];
    case 'choice':
      return fact.options;
    default:
      return [];
  }
};

/**
 * What each answer to a question changes: settings that depend on it, with the value for each answer. A question with
 * many answers shows only the given one.
 */
export const answerEffects = (job: SetupJob, path: FactPath): readonly AnswerEffect[] => {
  const given = factValue(job.facts, path);
  const fact = factAt(path);
  const others =
    fact.kind === 'number' ? [fact.min, fact.max].map((value) => ({ value, label: String(value) })) : answersTo(path);
  const trials = others.map(({ value, label }) => ({
    value,
    label,
    settings: resolveSettings({ ...job, facts: withFact(job.facts, path, value) }),
  }));
  const wordsIn = (settings: ResolvedSettings, id: SettingId): string | null => {
    const { setting, absent, value } = settings.get(id)!;
    return absent === null ? settingWords(setting, value) : null;
  };
  const hanging = SETTINGS.filter(({ id }) =>
    trials.some(({ settings }) => wordsIn(settings, id) !== wordsIn(trials[0]!.settings, id)),
  );
  const setBy = (settings: ResolvedSettings) =>
    hanging.flatMap(({ id, label }) => {
      const words = wordsIn(settings, id);
      return words === null ? [] : [{ id, label, words }];
    });
  if (fact.kind === 'number' || others.length > MOST_COMPARED)
    return [
      {
        answer: String(others.find(({ value }) => value === given)?.label ?? given),
        isCurrent: true,
        sets: setBy(resolveSettings(job)),
      },
    ];
  return trials.map(({ value, label: answer, settings }) => ({
    answer,
    isCurrent: value === given,
    sets: setBy(settings),
  }));
};
