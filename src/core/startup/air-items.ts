import { furnaceNowBtuh, heatPumpNow, isHeating, stripsNowBtuh } from '../balance/heat-now';
import { isExtrapolated } from '../balance/heat-pump';
import { atRatedCapacity, jobHeatPump, jobLowStage } from '../balance/job-heat-pump';
import type { CallId } from '../control/moment';
import { backupOf } from '../job/backup';
import type { FactPath, Facts } from '../job/document';
import type { Observation } from '../model/observable';
import { observationKey } from '../model/observation-key';
import { airflowFromRiseCfm, temperatureRiseF } from '../units/air';
import { apartF } from '../units/degrees';
import { roundTo } from '../units/round';
import { OUTDOOR_ITEM } from './conditions';
import { expectWithin } from './expect';
import { kitVolts, numberRead, type StartupContext } from './given';
import { type Expectation, type Item, stepMoment } from './step';

/** Supply tolerance as a share of the rise, with a minimum of a few degrees. Our judgment: probes. */
const RISE_TOLERANCE = 0.15;
const LEAST_TOLERANCE_F = 3;

const airOf = (call: CallId, at: 'return' | 'supply'): Observation => ({
  call,
  observable: { kind: 'temperature', at },
});

/** Return air, for the record; the supply is judged against it. */
export const returnItem = (facts: Facts, call: CallId): Item => ({
  id: 'return',
  of: airOf(call, 'return'),
  label: 'Return air',
  unit: '°F',
  expect: () => ({
    kind: 'record',
    sum: `Near the setpoint of ${facts.house.heatSetpointF} °F. Supply air is compared with it.`,
  }),
});

/** Heat of a call into the air, minimum and maximum, Btu/h; or what must be read first. */
type CallHeat =
  | {
      readonly kind: 'known';
      readonly leastBtuh: number;
      readonly mostBtuh: number;
      readonly from: string;
      readonly cfm: number;
    }
  | { readonly kind: 'needs'; readonly what: string; readonly fact?: FactPath };

const joinWords = (parts: readonly string[]) => parts.join(' and ');

const callHeat = (context: StartupContext, call: CallId): CallHeat => {
  const { bench } = context;
  const facts = atRatedCapacity(context.facts);
  const moment = stepMoment(context, call);
  const state = bench.at(facts, moment);
  const { volts, from } = kitVolts(context);
  const stripsBtuh = stripsNowBtuh(facts, state, volts);
  const furnaceBtuh = furnaceNowBtuh(facts, state);
  const isCompressing = isHeating(facts, state);
  const outdoorF = numberRead(context, OUTDOOR_ITEM);
  const missing = [
    ...(isCompressing && outdoorF === undefined ? ['the outdoor temperature'] : []),
    ...(stripsBtuh > 0 && from !== 'loaded' ? ['the volts at the kit'] : []),
  ];
  if (missing.length > 0) return { kind: 'needs', what: joinWords(missing) };
  if (!isCompressing && stripsBtuh === 0 && furnaceBtuh === 0)
    return { kind: 'needs', what: state.lockedOut[0]?.why ?? 'a heating call: as planned this one gives no heat' };
  const heatPump = heatPumpNow(facts, state, moment.outdoorF);
  if (heatPump.isFullTaken && facts.outdoorUnit.stages === 'two')
    return { kind: 'needs', what: 'the low-stage capacity, on the Survey', fact: 'outdoorUnit.lowPoints' };
  // An inverter with unknown minimum speed may give anything up to its maximum.
  const leastBtuh = heatPump.isFullTaken ? 0 : heatPump.leastBtuh;
  const isLow =
    isCompressing &&
    facts.outdoorUnit.stages === 'two' &&
    jobLowStage(facts) !== null &&
    !state.energized.has('second stage');
  const drawnOn = isCompressing && isExtrapolated(jobHeatPump(facts), moment.outdoorF) ? ' (extrapolated)' : '';
  return {
    kind: 'known',
    leastBtuh: leastBtuh + stripsBtuh + furnaceBtuh,
    mostBtuh: heatPump.mostBtuh + stripsBtuh + furnaceBtuh,
    from: joinWords([
      ...(isCompressing ? [`heat pump${isLow ? ' at low stage' : ''} at ${moment.outdoorF} °F${drawnOn}`] : []),
      ...(stripsBtuh > 0 ? ['strips'] : []),
      ...(furnaceBtuh > 0 ? ['furnace'] : []),
    ]),
    cfm: stripsBtuh + furnaceBtuh > 0 ? facts.airHandler.auxCfm : facts.airHandler.heatCfm,
  };
};

const amount = (btuh: number) => Math.round(btuh).toLocaleString('en-US');

const expectSupply = (heat: CallHeat, returnF: number | undefined, elevationFt: number): Expectation => {
  if (heat.kind === 'needs') return heat;
  if (returnF === undefined) return { kind: 'needs', what: 'the return air' };
  const { leastBtuh, mostBtuh, from, cfm } = heat;
  const rise = (btuh: number) => temperatureRiseF(btuh, cfm, elevationFt);
  const [leastF, mostF] = [rise(leastBtuh), rise(mostBtuh)];
  const slack = (riseF: number) => Math.max(LEAST_TOLERANCE_F, RISE_TOLERANCE * riseF);
  const ft = elevationFt.toLocaleString('en-US');
  if (mostF - leastF < 0.05) {
    const share = slack(mostF) / (returnF + mostF);
    const sum = `Return ${roundTo(returnF, 1)} °F + rise ${apartF(roundTo(mostF, 1))}: ${from} ${amount(mostBtuh)} Btu/h in ${cfm} CFM at ${ft} ft`;
    return { ...expectWithin(returnF + mostF, share, share, sum), tolerance: `±${apartF(roundTo(slack(mostF), 1))}` };
  }
  const [low, high] = [returnF + Math.max(leastF - slack(leastF), LEAST_TOLERANCE_F), returnF + mostF + slack(mostF)];
  return {
    kind: 'band',
    aim: null,
    pass: [low, high],
    warn: [low - slack(leastF), high + slack(mostF)],
    tolerance: `${roundTo(low, 0)} to ${roundTo(high, 0)} °F`,
    sum: `Return ${roundTo(returnF, 1)} °F + rise ${apartF(`${roundTo(leastF, 1)} to ${roundTo(mostF, 1)}`)}: ${from}, inverter (speed unknown), ${amount(leastBtuh)} to ${amount(mostBtuh)} Btu/h in ${cfm} CFM at ${ft} ft`,
  };
};

/** Agreement between blower setting and airflow by rise, as a share. Our judgment: probes and clamp. */
export const SETTING_SHARE = 0.15;

/** Why the rise is small: the airflow by these readings, if known, tells which. */
const smallRise = (facts: Facts, airCfm: number | undefined) => {
  const setCfm = facts.airHandler.auxCfm;
  const isFurnace = backupOf(facts) === 'fossil';
  if (airCfm === undefined)
    return {
      means: 'low heat output, or more airflow than set.',
      next: `Check the heat source first, its ${isFurnace ? 'fire' : 'amps'}; then the blower setting and return leaks.`,
    };
  return airCfm > (1 + SETTING_SHARE) * setCfm
    ? { means: 'more air than set.', next: 'Check the blower speed tap or switch, and return leaks.' }
    : isFurnace
      ? {
          means: 'less heat than the furnace gives.',
          next: 'Is it at high fire? Clock the input (licensed tech only).',
        }
      : {
          means: 'less heat than the kit gives.',
          next: 'Compare each element’s amps with its rating at the voltage read.',
        };
};

/**
 * Supply air: measured return air plus the rise from the call's heat at the blower's airflow and this elevation.
 * @param airCfm airflow by these readings, if known
 */
export const supplyItem = (context: StartupContext, call: CallId, airCfm?: number): Item => {
  const { facts } = context;
  const returnF = numberRead(context, observationKey(facts, airOf(call, 'return')));
  const heat = callHeat(context, call);
  const expected = expectSupply(heat, returnF, facts.site.elevationFt);
  return {
    id: 'supply',
    of: airOf(call, 'supply'),
    label: 'Supply air',
    unit: '°F',
    expect: () => expected,
    explain: (value, grade) => {
      if (typeof value !== 'number' || returnF === undefined || expected.kind !== 'band') return null;
      if (grade === 'pass' || grade === 'noted') return null;
      const small = smallRise(facts, airCfm);
      if (value < returnF)
        return {
          means: `Colder than the return by ${apartF(roundTo(returnF - value, 1))}.`,
          next: 'Are the probes swapped? If not, it is cooling in heat: check the reversing valve.',
        };
      const read = `A rise of ${apartF(roundTo(value - returnF, 1))}`;
      return value > expected.pass[1]
        ? {
            means: `${read} is too high: low airflow.`,
            next: 'Static pressure, filter, closed registers, blower setting. Keep probes out of line of sight of the heat source.',
          }
        : { means: `${read} is too low: ${small.means}`, next: small.next };
    },
  };
};

/**
 * Airflow by temperature rise from the emergency-heat readings, CFM; undefined until all are read and the air has
 * warmed.
 */
export const airflowRead = (context: StartupContext, heaterAmps: number | undefined): number | undefined => {
  const { facts } = context;
  const air = (at: 'return' | 'supply') => numberRead(context, observationKey(facts, airOf('emergency', at)));
  const { volts, from } = kitVolts(context);
  const [returnF, supplyF] = [air('return'), air('supply')];
  if (from !== 'loaded' || returnF === undefined || supplyF === undefined || heaterAmps === undefined) return undefined;
  return supplyF <= returnF
    ? undefined
    : airflowFromRiseCfm(volts, heaterAmps, supplyF - returnF, facts.site.elevationFt);
};
