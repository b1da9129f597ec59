import type { CallId } from '../control/moment';
import { bankCoilId } from '../devices/ids';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { WITH_BLOWER_PLACE } from '../model/observation-key';
import { elementAmps } from '../strips/element';
import { explainAmps } from '../strips/explain-amps';
import { jobElements, jobKit } from '../strips/from-job';
import { KIT_OVER, KIT_SHORT } from '../strips/tolerance';
import { roundTo } from '../units/round';
import type { WiringState } from '../wiring/state';
import { expectWithin } from './expect';
import { type KitVolts, kitVolts, type StartupContext } from './given';
import { type ClampPlace, type Item, stepMoment } from './step';

const WITH_BLOWER: ClampPlace = { id: WITH_BLOWER_PLACE, label: 'Feed including blower' };
const HEATERS_ONLY: ClampPlace = { id: 'heaters-only', label: 'Heaters only' };

/** Elements on in the solved circuit: those of banks whose coil has pulled in. */
const elementsOn = (facts: Facts, { energized }: WiringState): number[] =>
  kitRows(facts).flatMap(({ bank }, at) => (energized.has(bankCoilId(bank)) ? [at] : []));

const VOLTS_WORDS: Record<KitVolts['from'], string> = {
  loaded: '',
  idle: ' (read with no load)',
  service: ' (not measured yet)',
};

const names = (elements: readonly number[]) =>
  elements.length === 0
    ? 'no element'
    : elements.length === 1
      ? `element ${elements[0]! + 1}`
      : `elements ${elements.map((at) => at + 1).join(', ')}`;

/** One clamp reading per circuit of the kit, at the volts measured just before; else no-load, else nominal. */
export const stripAmpsItems = (context: StartupContext, call: CallId): Item[] => {
  const { facts, bench } = context;
  const state = bench.at(facts, stepMoment(context, call));
  const all = jobElements(facts);
  const on = elementsOn(facts, state);
  const { blowerAmps } = facts.airHandler;
  return jobKit(facts, facts.heatKit.serviceVolts).circuits.map(({ elements }, circuit): Item => {
    const { volts: suppliedVolts, from } = kitVolts(context, circuit);
    const working = elements.filter((at) => on.includes(at));
    const heaterAmps = working.reduce((sum, at) => sum + elementAmps(all[at]!, suppliedVolts), 0);
    const isBlowerHere = circuit === 0 && facts.heatKit.blowerOnFirstCircuit && blowerAmps > 0;
    const withBlower = (place: string | null) => isBlowerHere && place !== HEATERS_ONLY.id;
    return {
      id: `amps-${circuit + 1}`,
      of: { call, observable: { kind: 'amps', clamp: { kind: 'circuit', at: circuit } } },
      label: `Strips, circuit ${circuit + 1}`,
      unit: 'A',
      ...(isBlowerHere ? { places: [WITH_BLOWER, HEATERS_ONLY] } : {}),
      expect: (place) => {
        const share = heaterAmps === 0 ? 1 : heaterAmps / (heaterAmps + (withBlower(place) ? blowerAmps : 0));
        const aim = heaterAmps + (withBlower(place) ? blowerAmps : 0);
        const sum = `${working.length} × element at ${roundTo(suppliedVolts, 1)} V${VOLTS_WORDS[from]} = ${roundTo(heaterAmps, 1)} A${withBlower(place) ? ` + blower ${blowerAmps} A` : ''}`;
        return {
          ...expectWithin(aim, KIT_SHORT * share, KIT_OVER * share, sum),
          tolerance: `heat +${KIT_OVER * 100} / −${KIT_SHORT * 100} %`,
        };
      },
      explain: (value, grade, place) => {
        if (typeof value !== 'number' || from !== 'loaded')
          return grade === 'pass'
            ? null
            : {
                means: from === 'idle' ? 'Judged at the no-load voltage.' : 'Judged at the nominal service voltage.',
                next: 'Read the volts at the kit while the strips run, and this again.',
              };
        const local = elements.map((at) => all[at]!);
        const ways = explainAmps(local, suppliedVolts, isBlowerHere ? blowerAmps : 0, value, withBlower(place));
        const [best] = ways;
        if (!best) return null;
        // A clamp cannot tell elements of one size apart.
        const isAmbiguous = ways.some(
          (way) => way !== best && way.withBlower === best.withBlower && Math.abs(way.amps - best.amps) < 0.05,
        );
        const ran = best.elements.map((at) => elements[at]!);
        const heat = value - (withBlower(place) ? blowerAmps : 0);
        if (grade === 'pass')
          return {
            means: `${names(ran)} on: ${roundTo((heat * suppliedVolts) / 1000, 2)} kW at ${roundTo(suppliedVolts, 1)} V.`,
          };
        if (Math.abs(best.missAmps) > 2)
          return {
            means: 'No combination of elements gives this.',
            next: 'Zero the clamp, check that only one conductor is in it, then check volts at the kit.',
          };
        if (best.withBlower !== withBlower(place))
          return {
            means: `Fits ${names(ran)} ${best.withBlower ? 'with' : 'without'} the blower in the clamp.`,
            next: 'Check where the clamp is, and enter that here.',
          };
        if (ran.length < working.length) {
          const dead = working.filter((at) => !ran.includes(at));
          const means = isAmbiguous
            ? `Matches ${ran.length} of ${working.length} elements: ${dead.length} not heating.`
            : `Matches ${names(ran)} only: ${names(dead)} not heating.`;
          return {
            means,
            next: 'Wait out the sequencer and read again. Then power off, verified dead: ohms of each element with its link and limit; then the sequencer’s contact.',
          };
        }
        if (ran.length > working.length)
          return {
            means: `More is on than called: matches ${names(ran)}.`,
            next: 'Look for a sequencer contact welded closed, or a jumper that energizes both banks.',
          };
        return {
          means:
            grade === 'warn' ? 'All elements on, slightly off rated amps.' : 'All elements on, far from rated amps.',
          next: 'Element ohms cold, and the kit’s plate again.',
        };
      },
    };
  });
};
