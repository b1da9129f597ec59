import type { ElementRow } from '../job/facts/heat-kit';
import { roundTo } from '../units/round';
import { subdivide } from './circuits';
import { type Element, elementAmps, elementOhms } from './element';

/** What is known of a kit; anything may be missing. */
export interface KitEvidence {
  readonly ratedVolts: number;
  readonly plateKW?: number | undefined;
  /** Elements as someone entered them, kW. */
  readonly enteredKW?: readonly number[] | undefined;
  readonly breakersAmps?: readonly number[] | undefined;
  /** Cold ohms of each element, as far as measured; `OL` for an open one. */
  readonly ohms?: readonly (number | 'OL')[] | undefined;
  /** Everything on: amps of the heaters alone, at volts read with them. */
  readonly running?: { readonly amps: number; readonly volts: number } | undefined;
  readonly blowerAmps: number;
  readonly blowerOnFirstCircuit: boolean;
}

export interface KitGuess {
  readonly elementsKW: readonly number[];
  readonly totalKW: number;
  readonly sure: 'sure' | 'likely' | 'possible';
  /** What speaks for it. */
  readonly because: readonly string[];
  /** What speaks against it: kept, never resolved in silence. */
  readonly against: readonly string[];
}

/** Element sizes of the trade at their rated volts, kW. Our judgment, others turn up: measured ohms say which. */
const USUAL_KW = [2.5, 3, 3.6, 3.75, 3.84, 4.2, 4.5, 4.6, 4.8, 5] as const;
/** Elements of the largest kit that is looked for; the Survey takes no more. */
export const MOST_ELEMENTS = 6;

/**
 * Agreement within these shares: ohms and amps as in startup's tolerance, plates are rounded. Our judgment: a clamp
 * and the volts of another minute add two percent to the kit's own five.
 */
const OHMS_SHARE = 0.1;
const PLATE_SHARE = 0.04;
const AMPS_SHARE = 0.07;

/** What is measured counts more than what is printed, and what is printed more than what someone fitted. */
const WEIGHT = { ohms: 6, running: 3, plate: 3, entered: 2.5, breakers: 1.5 } as const;

const isNear = (value: number, aim: number, share: number) => Math.abs(value - aim) <= share * aim;
const nearestUsual = (kW: number) =>
  USUAL_KW.reduce((best, each) => (Math.abs(each - kW) < Math.abs(best - kW) ? each : best));
const words = (elementsKW: readonly number[]) => elementsKW.map((kW) => roundTo(kW, 2)).join(' + ');

/** Kits worth weighing: alike elements of every usual size, the plate divided, and what the ohms say. */
const candidates = ({ plateKW, enteredKW = [], ohms = [], ratedVolts }: KitEvidence): number[][] => {
  const kits: number[][] = enteredKW.length > 0 ? [[...enteredKW]] : [];
  for (let count = 1; count <= MOST_ELEMENTS; count++)
    for (const kW of USUAL_KW) kits.push(Array<number>(count).fill(kW));
  if (plateKW !== undefined)
    for (let count = 1; count <= MOST_ELEMENTS; count++) kits.push(Array<number>(count).fill(plateKW / count));
  const measured = ohms
    .filter((each): each is number => each !== 'OL' && each > 0)
    .map((each) => ratedVolts ** 2 / each / 1000);
  if (measured.length > 0) {
    const snapped = measured.map((kW) =>
      isNear(nearestUsual(kW), kW, OHMS_SHARE) ? nearestUsual(kW) : roundTo(kW, 1),
    );
    kits.push(snapped);
    // An open element is most likely like its neighbors.
    const open = ohms.filter((each) => each === 'OL').length;
    if (open > 0) kits.push([...snapped, ...Array<number>(open).fill(snapped[0]!)]);
  }
  const seen = new Set<string>();
  return kits.filter((kit) => {
    const key = words(kit);
    return seen.has(key) ? false : Boolean(seen.add(key));
  });
};

const weigh = (elementsKW: readonly number[], evidence: KitEvidence): { guess: KitGuess; score: number } => {
  const { ratedVolts, plateKW, enteredKW, breakersAmps, ohms, running } = evidence;
  const kit: Element[] = elementsKW.map((kW) => ({ kW, ratedVolts }));
  const totalKW = elementsKW.reduce((sum, kW) => sum + kW, 0);
  const because: string[] = [];
  const against: string[] = [];
  let score = 0;
  /** Of kits that fit alike, the nearer one comes first. */
  const nearness = (deviation: number, share: number) => {
    if (deviation <= share) score += 0.8 * (1 - deviation / share);
  };
  const say = (isFor: boolean, weight: number, text: string) => {
    (isFor ? because : against).push(text);
    score += isFor ? weight : -weight;
  };
  if (plateKW !== undefined) {
    say(isNear(totalKW, plateKW, PLATE_SHARE), WEIGHT.plate, `plate ${plateKW} kW, elements ${roundTo(totalKW, 2)} kW`);
    nearness(Math.abs(totalKW - plateKW) / plateKW, PLATE_SHARE);
  }
  if (enteredKW && enteredKW.length > 0) {
    const isSame = words([...enteredKW].sort()) === words([...elementsKW].sort());
    // What someone entered speaks for itself, and against nothing: a kit of other elements may still be the true one.
    if (isSame) say(true, WEIGHT.entered, `entered as ${words(enteredKW)} kW`);
  }
  if (breakersAmps && breakersAmps.length > 0) {
    const sizes = subdivide(kit, evidence.blowerAmps, evidence.blowerOnFirstCircuit).map(
      ({ breakerAmps }) => breakerAmps,
    );
    const isSame = sizes.length === breakersAmps.length && sizes.every((size, at) => size === breakersAmps[at]);
    say(isSame, WEIGHT.breakers, `breakers ${breakersAmps.join(' + ')} A, sized ${sizes.join(' + ')} A`);
  }
  if (ohms && ohms.length > 0) {
    const measured = ohms.filter((each): each is number => each !== 'OL').sort((a, b) => a - b);
    const expected = kit.map(elementOhms).sort((a, b) => a - b);
    const isSame =
      ohms.length === kit.length && measured.every((each) => expected.some((aim) => isNear(each, aim, OHMS_SHARE)));
    say(
      isSame,
      WEIGHT.ohms,
      `ohms ${ohms.map((each) => (each === 'OL' ? each : roundTo(each, 1))).join(', ')}, by the plate ${expected.map((each) => roundTo(each, 1)).join(', ')}`,
    );
    if (isSame && measured.length > 0) {
      const misses = measured.map((each) => Math.min(...expected.map((aim) => Math.abs(each - aim) / aim)));
      nearness(misses.reduce((sum, miss) => sum + miss, 0) / misses.length, OHMS_SHARE);
    }
  }
  if (running) {
    const amps = kit.reduce((sum, element) => sum + elementAmps(element, running.volts), 0);
    say(
      isNear(running.amps, amps, AMPS_SHARE),
      WEIGHT.running,
      `${roundTo(running.amps, 1)} A at ${running.volts} V, all on ${roundTo(amps, 1)} A`,
    );
    nearness(Math.abs(running.amps - amps) / amps, AMPS_SHARE);
  }
  // Then the one of usual sizes and fewer elements.
  score += elementsKW.every((kW) => USUAL_KW.some((usual) => Math.abs(usual - kW) < 0.01)) ? 0.4 : 0;
  score += elementsKW.some((kW) => Math.abs(kW - 4.8) < 0.01 || Math.abs(kW - 5) < 0.01) ? 0.1 : 0;
  return {
    guess: {
      elementsKW: elementsKW.map((kW) => roundTo(kW, 3)),
      totalKW: roundTo(totalKW, 3),
      sure: 'possible',
      because,
      against,
    },
    score: score - 0.02 * elementsKW.length,
  };
};

/**
 * Finds the kit from whatever is known: plate, breakers, cold ohms, amps and volts while running. Best first, at most
 * five. `sure`: two kinds of evidence or more agree, none speaks against it and no other kit fits as well; `likely`:
 * one kind, the same. A contradiction between plate and measurement is in `against`.
 * @param evidence ohms and volts above zero
 */
export const findKits = (evidence: KitEvidence): KitGuess[] => {
  const weighed = candidates(evidence)
    .map((kit) => weigh(kit, evidence))
    .filter(({ guess }) => guess.because.length > 0)
    .sort((a, b) => b.score - a.score)
    .slice(0, 5);
  return weighed.map(({ guess, score }, at) => {
    const rival = weighed[at === 0 ? 1 : 0];
    const isAlone = at === 0 && (!rival || score - rival.score >= 1.5);
    const isClear = guess.against.length === 0 && at === 0;
    return {
      ...guess,
      sure:
        isClear && guess.because.length >= 2 && isAlone
          ? 'sure'
          : isClear && (isAlone || guess.because.length >= 2)
            ? 'likely'
            : 'possible',
    };
  });
};

/** Seconds between one switch of a chain and the next, where no one has timed them. */
const STAGGER_S = 25;

/** Elements as rows of the Survey; bank and delays are those of the row that was there, else the usual chain. */
export const withStagger = (elementsKW: readonly number[], before: readonly ElementRow[]): ElementRow[] =>
  elementsKW.map((kW, at) => ({
    bank: 1,
    onS: 20 + at * STAGGER_S,
    offS: 20 + (elementsKW.length - 1 - at) * STAGGER_S,
    ...before[at],
    kW,
  }));
