import { defaultFilter } from 'cmdk';

/** How well something fits what is typed, within one phrase: letters gathered from several find what no one meant. */
export const matchPhrase = (value: string, search: string, keywords: string[] = []): number =>
  Math.max(...[value, ...keywords].map((phrase) => defaultFilter(phrase, search)));

/** Whether each word that is typed is in a text, as in a long list of sentences. */
export const matchWords = (value: string, search: string): number => {
  const text = value.toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
    ? 1
    : 0;
};
