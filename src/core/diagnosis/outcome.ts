import type { Prediction } from '../model/observables/definition';
import { hasWords, type Probe } from './probe';

/** Answer of a probe: a number in its unit, an open circuit, or one of its words. */
export type Answer = number | 'OL' | (string & {});

/** Share of misreads: typing errors or the wrong screw. Our judgment. */
export const MISREAD = 0.02;

/** Scale of a unit: its range, and an instrument's spread at a value. All spreads are our judgment. */
interface Scale {
  readonly range: readonly [number, number];
  readonly sdAt: (value: number) => number;
}

const LINE_VOLTS: Scale = { range: [0, 280], sdAt: () => 4 };
const SCALES: Readonly<Record<string, Scale>> = {
  V: { range: [0, 32], sdAt: () => 0.8 },
  A: { range: [0, 120], sdAt: (amps) => 0.3 + 0.03 * amps },
  Ω: { range: [0, 2000], sdAt: (ohms) => 0.4 + 0.06 * ohms },
  '°F': { range: [-20, 200], sdAt: () => 2.5 },
  'in. w.c.': { range: [0, 20], sdAt: (inWc) => 0.04 + 0.04 * inWc },
  '%': { range: [0, 130], sdAt: () => 4 },
  µA: { range: [0, 8], sdAt: () => 0.3 },
};

/** Scale of a probe's numbers. */
export const scaleOf = ({ unit, kind }: Pick<Probe, 'unit' | 'kind'>): Scale =>
  unit === 'V' && kind === 'live' ? LINE_VOLTS : SCALES[unit]!;

/** Cumulative standard normal distribution. Source: Abramowitz and Stegun 26.2.17, error under 1e-7. */
const normalUpTo = (z: number): number => {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
};

/** Bin edges of a scale: one and a half spreads wide each. */
const edgesOf = ({ range: [low, high], sdAt }: Scale): readonly number[] => {
  const edges = [low];
  while (edges.at(-1)! < high) edges.push(edges.at(-1)! + 1.5 * sdAt(edges.at(-1)!));
  return edges;
};

/** Sample points of a span of possible readings. */
const SPAN_POINTS = 9;

/** Equally likely values of a prediction; ghost voltage reads near zero half the time. */
const standsFor = (
  { unit, kind }: Probe,
  { value, spread: [low, high] }: Extract<Prediction, { kind: 'number' }>,
  sd: number,
): number[] => {
  if (high - low < sd) return [value];
  const evenly = Array.from({ length: SPAN_POINTS }, (_, at) => low + ((high - low) * at) / (SPAN_POINTS - 1));
  const isGhost = unit === 'V' && kind === 'low-volts';
  return isGhost ? [...evenly, ...evenly.map(() => low)] : evenly;
};

/** Values left possible by a prediction that is unknown. */
const evenly = (count: number): Float64Array => new Float64Array(count).fill(1 / count);

/** Outcomes of a probe: the predicted words and “any other”, or bins of its scale. */
export type Bins =
  | { readonly kind: 'words'; readonly words: readonly string[] }
  | { readonly kind: 'edges'; readonly edges: readonly number[] };

/** Outcomes of a probe with these predictions. */
export const binsOf = (probe: Probe, predictions: readonly Prediction[]): Bins =>
  hasWords(probe)
    ? { kind: 'words', words: predictions.flatMap((each) => (each.kind === 'word' ? [each.word] : [])) }
    : { kind: 'edges', edges: edgesOf(scaleOf(probe)) };

/** Probability of each outcome under a prediction, without misreads; the last is any other word, or an open circuit. */
export const outcomesOf = (probe: Probe, prediction: Prediction, bins: Bins): Float64Array => {
  if (bins.kind === 'words') {
    const count = bins.words.length + 1;
    if (prediction.kind !== 'word') return evenly(count);
    const at = bins.words.indexOf(prediction.word);
    return Float64Array.from({ length: count }, (_, each) => (each === at ? 1 : 0));
  }
  const { edges } = bins;
  const count = edges.length;
  switch (prediction.kind) {
    case 'open':
      return Float64Array.from({ length: count }, (_, at) => (at === count - 1 ? 1 : 0));
    case 'number': {
      const shares = new Float64Array(count);
      const points = standsFor(probe, prediction, scaleOf(probe).sdAt(prediction.value));
      for (const point of points) {
        const sd = scaleOf(probe).sdAt(point);
        let before = 0;
        for (let at = 0; at < count - 1; at++) {
          const upTo = at === count - 2 ? 1 : normalUpTo((edges[at + 1]! - point) / sd);
          shares[at]! += (upTo - before) / points.length;
          before = upTo;
        }
      }
      return shares;
    }
    case 'word':
    case 'unknown':
      return evenly(count);
  }
};

/** Share of ohmmeter misreads caused by a lead without contact. Our judgment. */
const SLIPS_OFF = 0.25;

/** Likelihood of an answer under a prediction, comparable between predictions of one probe; `misread` is a share. */
export const likelihood = (probe: Probe, prediction: Prediction, answer: Answer, misread = MISREAD): number => {
  if (hasWords(probe)) {
    const stray = 1 / (probe.choices?.length ?? 2 ** probe.marks!.length);
    if (prediction.kind !== 'word') return stray;
    return (prediction.word === answer ? 1 - misread : 0) + misread * stray;
  }
  const scale = scaleOf(probe);
  const stray = 1 / (scale.range[1] - scale.range[0]);
  if (answer === 'OL')
    return prediction.kind === 'open' ? 1 : prediction.kind === 'unknown' ? stray : misread * SLIPS_OFF;
  if (typeof answer !== 'number') return stray;
  switch (prediction.kind) {
    case 'number': {
      const points = standsFor(probe, prediction, scale.sdAt(prediction.value));
      const density = points.reduce((sum, point) => {
        const sd = scale.sdAt(point);
        return sum + Math.exp(-0.5 * ((answer - point) / sd) ** 2) / (sd * Math.sqrt(2 * Math.PI));
      }, 0);
      return ((1 - misread) * density) / points.length + misread * stray;
    }
    case 'open':
      return misread * stray;
    case 'word':
    case 'unknown':
      return stray;
  }
};

/** Deviation in spreads beyond which a reading contradicts a prediction. */
const SPEAKS_AGAINST_SDS = 3.5;

/** Whether an answer matches a prediction within the instrument's spread; null if the prediction is unknown. */
export const matches = (probe: Probe, prediction: Prediction, answer: Answer): boolean | null => {
  switch (prediction.kind) {
    case 'unknown':
      return null;
    case 'word':
      return prediction.word === answer;
    case 'open':
      return answer === 'OL';
    case 'number': {
      if (typeof answer !== 'number') return false;
      const [low, high] = prediction.spread;
      const off = Math.max(0, low - answer, answer - high);
      return off <= SPEAKS_AGAINST_SDS * scaleOf(probe).sdAt(prediction.value);
    }
  }
};

/** Distance in spreads below which two numbers count as equal. */
const ALIKE_SDS = 0.6;

/** Whether an instrument cannot tell two predictions apart. */
export const readSame = (probe: Probe, one: Prediction, other: Prediction): boolean => {
  if (one.kind !== other.kind) return false;
  if (one.kind === 'word') return one.word === (other as typeof one).word;
  if (one.kind !== 'number') return true;
  const { value, spread } = other as typeof one;
  const near = ALIKE_SDS * scaleOf(probe).sdAt(value);
  const off = [one.value - value, one.spread[0] - spread[0], one.spread[1] - spread[1]];
  return off.every((each) => Math.abs(each) <= near);
};
