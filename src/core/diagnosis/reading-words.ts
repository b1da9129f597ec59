import type { Prediction } from '../model/observables/definition';
import { decimalsOf } from '../units/decimals';
import { roundTo } from '../units/round';
import { type Answer, scaleOf } from './outcome';
import type { Probe } from './probe';

const marksWords = (word: string): string => (word === 'none' ? 'none hot' : `hot: ${word.split('+').join(', ')}`);

const wordsOf = (probe: Probe, word: string): string => {
  if (probe.marks) return marksWords(word);
  return probe.choices?.find((choice) => choice.word === word)?.words ?? word;
};

const numberWords = (value: number, unit: string): string => `${roundTo(value, decimalsOf(unit))} ${unit}`;

/** An answer in words. */
export const answerWords = (probe: Probe, answer: Answer): string => {
  if (typeof answer === 'number') return numberWords(answer, probe.unit);
  return answer === 'OL' ? 'OL' : wordsOf(probe, answer);
};

/** A predicted reading in words; null if unknown. */
export const wouldReadWords = (probe: Probe, prediction: Prediction): string | null => {
  switch (prediction.kind) {
    case 'unknown':
      return null;
    case 'open':
      return 'OL';
    case 'word':
      return wordsOf(probe, prediction.word);
    case 'number': {
      const [low, high] = prediction.spread;
      return high - low < scaleOf(probe).sdAt(prediction.value)
        ? numberWords(prediction.value, probe.unit)
        : `${roundTo(low, decimalsOf(probe.unit))} to ${numberWords(high, probe.unit)}`;
    }
  }
};
