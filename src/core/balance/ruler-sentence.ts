import { type CallId, CALLS, type Moment } from '../control/moment';
import type { LockedOut } from '../control/thermostat';
import { COMPRESSOR_COIL } from '../devices/ids';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { roundTo } from '../units/round';
import { inSpans } from '../units/span';
import { balanceAt, jobBalance } from './from-job';
import { type HeatNow, heatNow, isHeating, type On } from './heat-now';

/** The ruler's sentence for a moment, and its severity. */
export interface RulerSentence {
  readonly grade: 'calm' | 'strips' | 'short' | 'hole';
  readonly text: string;
}

/** Outcome of a moment: what is on, and what was called and locked out. */
export interface Outcome extends On {
  readonly lockedOut: readonly LockedOut[];
}

/** Differences smaller than this are ignored, Btu/h. */
const ALIKE_BTUH = 50;

const thousands = (btuh: number) => roundTo(btuh / 1000, 1);
const thousand = (btuh: number) => `${thousands(btuh)} kBtu/h`;

/** Heat sources in words: “heat pump and strips”, “strips alone”. */
const sources = ({ heatPumpBtuh, stripsBtuh, fossilBtuh }: HeatNow): string => {
  const all = [
    ...(heatPumpBtuh > 0 ? ['heat pump'] : []),
    ...(stripsBtuh > 0 ? ['strips'] : []),
    ...(fossilBtuh > 0 ? ['furnace'] : []),
  ];
  return all.length === 1 ? `${all[0]} alone` : all.join(' and ');
};

/** The same with a verb: “furnace alone gives”, “heat pump and strips give”. */
const sourcesGive = (now: HeatNow): string => {
  const names = sources(now);
  return `${names} ${names.includes('strips') || names.includes(' and ') ? 'give' : 'gives'}`;
};

/** What makes up the shortfall of a call. */
const restWords = (facts: Facts, call: CallId, outdoorF: number): string => {
  if (call !== 'heat-1' && call !== 'heat-2') return '';
  const { allowedBtuh, loadBtuh, heatPumpBtuh } = balanceAt(facts, outdoorF);
  if (allowedBtuh + ALIKE_BTUH < loadBtuh) return ` With everything allowed to run: ${thousand(allowedBtuh)}.`;
  if (call === 'heat-1' && facts.outdoorUnit.stages !== 'single' && heatPumpBtuh + ALIKE_BTUH >= loadBtuh)
    return facts.outdoorUnit.stages === 'two' ? ' The second stage makes up the rest.' : ' It speeds up for the rest.';
  return backupOf(facts) === 'fossil'
    ? ' The furnace takes over when the room falls behind.'
    : ' Strips make up the rest.';
};

const heating = (facts: Facts, outcome: Outcome, { call, outdoorF }: Moment): RulerSentence => {
  const { loadBtuh, isDrawnOn } = balanceAt(facts, outdoorF);
  const now = heatNow(facts, outcome, outdoorF);
  const needs = `house needs ${thousand(loadBtuh)}`;
  const name = CALLS[call].label;
  // No heat source makes up for a compressor that is cooling.
  if (outcome.energized.has(COMPRESSOR_COIL) && !isHeating(facts, outcome))
    return {
      grade: 'hole',
      text: `${name}: the compressor cools the house${now.totalBtuh > 0 ? `, while ${sourcesGive(now)} ${thousand(now.totalBtuh)}` : ''}. The reversing valve is backward.`,
    };
  const drawn = isDrawnOn && now.heatPumpBtuh > 0 ? ' (extrapolated)' : '';
  if (now.totalBtuh === 0) {
    const why = outcome.lockedOut[0] ? ` ${outcome.lockedOut[0].why}` : '';
    const isHole = inSpans(jobBalance(facts).gapsF, outdoorF);
    if (loadBtuh === 0) return { grade: 'calm', text: `${name}: the house needs no heat.${why}` };
    return {
      grade: 'hole',
      text: `${isHole ? 'Gap' : name}: ${thousand(loadBtuh)} needed and no heat source is allowed to run.${why}`,
    };
  }
  if (loadBtuh === 0)
    return {
      grade: 'calm',
      text: `${name}: ${sourcesGive(now)} ${thousand(now.totalBtuh)}; the house needs no heat.`,
    };
  const missing = loadBtuh - now.totalBtuh;
  if (missing <= ALIKE_BTUH) {
    const grade = now.stripsBtuh + now.fossilBtuh > 0 ? 'strips' : 'calm';
    return { grade, text: `${name}: ${sources(now)}, ${thousand(now.totalBtuh)}${drawn}; ${needs}.` };
  }
  const rest = restWords(facts, call, outdoorF);
  const isHelped = /rest\.$|takes over/.test(rest);
  return {
    grade: isHelped ? 'strips' : 'short',
    text: `${name}: ${sourcesGive(now)} ${thousands(now.totalBtuh)}${drawn} of the ${thousand(loadBtuh)} needed${isHelped ? '' : `; ${thousands(missing)} short`}.${rest}`,
  };
};

const cooling = (facts: Facts, outcome: Outcome, call: CallId): RulerSentence => {
  const { label } = CALLS[call];
  if (!outcome.energized.has(COMPRESSOR_COIL)) {
    const why = outcome.lockedOut[0]?.why ?? 'The compressor is not running.';
    return { grade: 'short', text: `${label}: nothing cools. ${why}` };
  }
  return isHeating(facts, outcome)
    ? { grade: 'hole', text: `${label}: the reversing valve is in heating; the house is being heated.` }
    : { grade: 'calm', text: `${label}: the compressor cools the house.` };
};

const defrosting = (facts: Facts, outcome: Outcome, moment: Moment): RulerSentence => {
  const held = outcome.lockedOut.find(({ source }) => source === 'defrost');
  if (held) return { grade: 'calm', text: `Defrost: ${held.why}` };
  if (!outcome.energized.has(COMPRESSOR_COIL))
    return { grade: 'calm', text: `Defrost: none. ${outcome.lockedOut[0]?.why ?? 'The compressor is not running.'}` };
  if (isHeating(facts, outcome))
    return { grade: 'short', text: 'Defrost: the reversing valve does not shift, so the coil does not clear.' };
  const takenBtuh = balanceAt(facts, moment.outdoorF).heatPumpBtuh;
  const { stripsBtuh, fossilBtuh } = heatNow(facts, outcome, moment.outdoorF);
  const given = stripsBtuh + fossilBtuh;
  const cold = `the defrost takes about ${thousand(takenBtuh)} out of the house for a few minutes`;
  const by = stripsBtuh > 0 ? 'strips give' : 'the furnace gives';
  return given === 0
    ? { grade: 'calm', text: `Defrost: ${cold}; no backup heats the air.` }
    : { grade: 'strips', text: `Defrost: ${cold}; ${by} ${thousand(given)} of it back.` };
};

/** The ruler's sentence: what the call does for the house, by what is really on. */
export const rulerSentence = (facts: Facts, outcome: Outcome, moment: Moment): RulerSentence => {
  const { call, outdoorF } = moment;
  const { loadBtuh } = balanceAt(facts, outdoorF);
  switch (call) {
    case 'off':
    case 'fan': {
      const now = heatNow(facts, outcome, outdoorF);
      const what = call === 'off' ? 'Off: nothing is called' : 'Fan: blower only';
      if (now.totalBtuh > 0)
        return { grade: 'short', text: `${what}, and ${sourcesGive(now)} ${thousand(now.totalBtuh)}.` };
      return {
        grade: 'calm',
        text: loadBtuh === 0 ? `${what}. The house needs no heat.` : `${what}; the house loses ${thousand(loadBtuh)}.`,
      };
    }
    case 'heat-1':
    case 'heat-2':
    case 'heat-aux':
    case 'emergency':
      return heating(facts, outcome, moment);
    case 'cool-1':
    case 'cool-2':
      return cooling(facts, outcome, call);
    case 'defrost':
      return defrosting(facts, outcome, moment);
  }
};
