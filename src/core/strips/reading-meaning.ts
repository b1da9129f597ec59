import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { roundTo } from '../units/round';
import { type ClampAt, clampReach } from './clamp';
import { type Element, elementAmps } from './element';
import { explainAmps } from './explain-amps';
import { jobElements } from './from-job';
import type { LadderState } from './ladder-state';

/** An explanation of a clamp reading, in words. */
export interface AmpsMeaning {
  readonly kind: 'sound' | 'low-supply' | 'not-yet' | 'dead' | 'more' | 'blower' | 'nothing';
  readonly elements: readonly number[];
  readonly missAmps: number;
  readonly words: string;
  readonly next: string;
}

/** A reading this close explains itself, A: the accuracy of trade clamps. */
const NEAR_AMPS = 1;

const list = (elements: readonly number[]) =>
  elements.length === 0
    ? 'no element'
    : `element${elements.length > 1 ? 's' : ''} ${elements.map((at) => at + 1).join(', ')}`;

/** Whether a clamp cannot tell which elements are on: each missing one has an equal among those on. */
const alike = (on: readonly number[], missing: readonly number[], kit: readonly Element[]): boolean =>
  on.length > 0 && missing.every((one) => on.some((other) => Math.abs(kit[one]!.kW - kit[other]!.kW) < 0.01));

const COUNTS = ['none', 'one', 'two', 'three', 'four', 'five', 'six'];

const deadWords = (on: readonly number[], missing: readonly number[], isAlike: boolean, clampNote: string): string => {
  if (!isAlike) return `${list(on)} on${clampNote}; ${list(missing)} not heating.`;
  const all = [...on, ...missing].sort((a, b) => a - b);
  return `${COUNTS[on.length]} of ${list(all)} on${clampNote}, ${COUNTS[missing.length]} not heating: the elements are identical, so the clamp cannot tell which.`;
};

/**
 * Meaning of a clamp reading, likeliest first: the elements that must be on. Tells a low supply from an open element,
 * the blower from heat, and a switch not closed yet from a dead one.
 * @param readAmps clamp reading, A
 * @param measuredVolts volts at the kit at that moment; null if not read
 * @param state the ladder at the second since the call
 */
export const ampsMeaning = (
  facts: Facts,
  clamp: ClampAt,
  readAmps: number,
  measuredVolts: number | null,
  state: LadderState,
): AmpsMeaning[] => {
  const { serviceVolts } = facts.heatKit;
  const volts = measuredVolts ?? serviceVolts;
  const reach = clampReach(facts, clamp);
  const kit = jobElements(facts);
  const blowerAmps = facts.airHandler.blowerAmps;
  const called = reach.elements.filter((at) => state.rungs.some((rung) => rung.rung.at === at && rung.hasCall));
  const closed = reach.elements.filter((at) => state.rungs.some((rung) => rung.rung.at === at && rung.isClosed));
  const waiting = called.filter((at) => !closed.includes(at));
  const holdsBlower = reach.hasBlower && state.blower.runs;
  const ways = explainAmps(
    reach.elements.map((at) => kit[at]!),
    volts,
    reach.hasBlower || reach.elements.length > 0 ? blowerAmps : 0,
    readAmps,
    holdsBlower,
  ).map((way) => ({ ...way, elements: way.elements.map((at) => reach.elements[at]!) }));

  const meanings: AmpsMeaning[] = [];
  for (const way of ways.filter(({ missAmps }) => Math.abs(missAmps) <= NEAR_AMPS)) {
    const on = way.elements;
    const isSame = (others: readonly number[]) => on.length === others.length && on.every((at) => others.includes(at));
    const missing = called.filter((at) => !on.includes(at));
    const about = { elements: on, missAmps: way.missAmps };
    const clampNote =
      way.withBlower === holdsBlower
        ? ''
        : way.withBlower
          ? ', the blower in the clamp'
          : ', the blower not in the clamp';
    if (on.length === 0 && way.withBlower) {
      meanings.push({
        ...about,
        kind: 'blower',
        words: `The blower alone: no heat${waiting.length > 0 ? ' yet' : ''}.`,
        next:
          waiting.length > 0
            ? 'Wait for the sequencers and read again.'
            : 'Is W called? Then check breaker, limit, link, sequencer.',
      });
    } else if (isSame(called) && called.length > 0) {
      meanings.push({
        ...about,
        kind: 'sound',
        words: `${list(on)} on${clampNote}: everything called is on.`,
        next: '',
      });
    } else if (isSame(closed) && waiting.length > 0) {
      const last = Math.max(...waiting.map((at) => kitRows(facts)[at]!.onS));
      meanings.push({
        ...about,
        kind: 'not-yet',
        words: `${list(on)} on${clampNote}; ${list(waiting)} not on yet: its sequencer closes up to ${last} s after the call.`,
        next: `Read again after ${last} s.`,
      });
    } else if (missing.length > 0 && on.every((at) => called.includes(at))) {
      meanings.push({
        ...about,
        kind: 'dead',
        words: deadWords(on, missing, alike(on, missing, kit), clampNote),
        next: 'Power off, verified dead: ohms of the element, its limit, its link; then volts across its switch.',
      });
    } else if (on.some((at) => !called.includes(at))) {
      const extra = on.filter((at) => !called.includes(at));
      const isCooling = extra.every((at) => closed.includes(at));
      meanings.push({
        ...about,
        kind: 'more',
        words: isCooling
          ? `${list(extra)} still on from the last call: the sequencer has not opened yet.`
          : `${list(extra)} on without a call.`,
        next: isCooling
          ? 'Wait for its off delay and read again.'
          : 'A welded switch, or a jumper between W inputs. Verify dead before looking.',
      });
    } else meanings.push({ ...about, kind: 'nothing', words: 'Nothing on, and nothing called.', next: '' });
  }

  const full = called.reduce((sum, at) => sum + elementAmps(kit[at]!, volts), 0);
  const heat = readAmps - (holdsBlower ? blowerAmps : 0);
  if (measuredVolts === null && full > 0 && heat > 0) {
    const impliedVolts = (heat / full) * serviceVolts;
    if (impliedVolts >= serviceVolts * 0.82 && impliedVolts < serviceVolts * 0.97) {
      meanings.push({
        kind: 'low-supply',
        elements: called,
        missAmps: 0,
        words: `Or everything is on at ${roundTo(impliedVolts, 0)} V: low line voltage, not a dead element.`,
        next: 'Read the volts at the kit while the strips run.',
      });
    }
  }
  return dedupe(meanings);
};

/**
 * Of explanations with the same words, the closest stays. Elements of one size give several that cannot be told apart.
 */
const dedupe = (meanings: readonly AmpsMeaning[]): AmpsMeaning[] => {
  const seen = new Set<string>();
  return meanings.filter(({ kind, elements }) => {
    const key = `${kind} ${elements.length}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
};
