import { defaultFilter } from 'cmdk';

/** Match score within one phrase: letters gathered from several phrases find what no one meant. */
export const matchPhrase = (value: string, search: string, keywords: string[] = []): number =>
  Math.max(...[value, ...keywords].map((phrase) => defaultFilter(phrase, search)));

/** Whether a text contains every typed word, for long lists of sentences. */
export const matchWords = (value: string, search: string): number => {
  const text = value.toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
    ? 1
    : 0;
};
