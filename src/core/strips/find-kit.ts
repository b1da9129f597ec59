import type { ElementRow } from '../job/facts/heat-kit';
import { roundTo } from '../units/round';
import { subdivide } from './circuits';
import { type Element, elementAmps, elementOhms } from './element';

/** What is known about a kit; anything may be missing. */
export interface KitEvidence {
  readonly ratedVolts: number;
  readonly plateKW?: number | undefined;
  /** Elements as entered, kW. */
  readonly enteredKW?: readonly number[] | undefined;
  readonly breakersAmps?: readonly number[] | undefined;
  /** Cold ohms of each element measured; `OL` for an open one. */
  readonly ohms?: readonly (number | 'OL')[] | undefined;
  /** Everything on: heater amps only, and volts read with them. */
  readonly running?: { readonly amps: number; readonly volts: number } | undefined;
  readonly blowerAmps: number;
  readonly blowerOnFirstCircuit: boolean;
}

export interface KitGuess {
  readonly elementsKW: readonly number[];
  readonly totalKW: number;
  readonly sure: 'sure' | 'likely' | 'possible';
  /** Evidence for it. */
  readonly because: readonly string[];
  /** Evidence against it: shown, never resolved silently. */
  readonly against: readonly string[];
}

/** Common element sizes at rated volts, kW. Our judgment; others exist, and measured ohms show them. */
const USUAL_KW = [2.5, 3, 3.6, 3.75, 3.84, 4.2, 4.5, 4.6, 4.8, 5] as const;
/** Maximum elements in the search, the same as on the Survey. */
export const MOST_ELEMENTS = 6;

/**
 * Tolerances as shares: ohms and amps as in startup; nameplates are rounded. Our judgment: a clamp and volts from
 * another minute add two percent to the kit's five.
 */
const OHMS_SHARE = 0.1;
const PLATE_SHARE = 0.04;
const AMPS_SHARE = 0.07;

/** Measurements weigh more than print, and print more than what someone installed. */
const WEIGHT = { ohms: 6, running: 3, plate: 3, entered: 2.5, breakers: 1.5 } as const;

const isNear = (value: number, aim: number, share: number) => Math.abs(value - aim) <= share * aim;
const nearestUsual = (kW: number) =>
  USUAL_KW.reduce((best, each) => (Math.abs(each - kW) < Math.abs(best - kW) ? each : best));
const words = (elementsKW: readonly number[]) => elementsKW.map((kW) => roundTo(kW, 2)).join(' + ');

/** Candidate kits: equal elements of every usual size, the nameplate divided, and the measured ohms. */
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
  /** Of equal matches, the closer one comes first. */
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
    // Entered elements count as evidence for themselves only: a different kit may still be right.
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
  // Then usual sizes and fewer elements first.
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
 * Identifies the kit from any evidence: nameplate, breakers, cold ohms, amps and volts while running. Best first, at
 * most five. `sure`: two or more kinds of evidence agree, none contradicts, and no other kit fits as well; `likely`:
 * one kind, the same. A contradiction between nameplate and measurement is in `against`.
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

/** Seconds between switches of a chain if not timed. */
const STAGGER_S = 25;

/** Elements as Survey rows; bank and delays from the existing row, else the usual chain. */
export const withStagger = (elementsKW: readonly number[], before: readonly ElementRow[]): ElementRow[] =>
  elementsKW.map((kW, at) => ({
    bank: 1,
    onS: 20 + at * STAGGER_S,
    offS: 20 + (elementsKW.length - 1 - at) * STAGGER_S,
    ...before[at],
    kW,
  }));
