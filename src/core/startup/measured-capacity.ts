import { isHeating, stripsNowBtuh } from '../balance/heat-now';
import { capacityCurve, type HeatPump } from '../balance/heat-pump';
import { atRatedCapacity, jobHeatPump, jobLowStage } from '../balance/job-heat-pump';
import type { CallId } from '../control/moment';
import { factAt, type Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { TakenReading } from '../job/reading';
import type { Observation } from '../model/observable';
import { isOfCall, observationKey } from '../model/observation-key';
import { sensibleFactorAt } from '../units/air';
import { roundTo } from '../units/round';
import { airflowCheck, heaterAmpsRead } from './airflow-check';
import type { MeasuredCapacity } from './capacity';
import { OUTDOOR_ITEM } from './conditions';
import { numberRead, type StartupContext } from './given';
import { type Item, stepMoment } from './step';
import { stripAmpsItems } from './strip-amps';

/** Steady after this long, ms: the same as the step's wait. */
const STEADY_MS = 15 * 60_000;
/** Maximum time between return and supply readings, ms. Our judgment. */
const TOGETHER_MS = 10 * 60_000;
/** Uncertainty of each probe, °F, and of the airflow by its source, as a share. Our judgment. */
const PROBE_F = 1;
const CFM_ERROR = { rise: 0.07, setting: 0.15 } as const;
/** Below this the outdoor fan is off, A. */
const FAN_STANDS_A = 0.2;
/** A smaller rise is not heating, °F. */
const LEAST_RISE_F = 2;

const read = (context: StartupContext, of: Observation): TakenReading | undefined =>
  context.readings.get(observationKey(context.facts, of));

/** Time of the first reading in this call on the visit, ms: it has run at least since then. */
const ranFrom = (context: StartupContext, call: CallId): number =>
  Math.min(...[...context.readings].flatMap(([item, { at }]) => (isOfCall(item, call) ? [Date.parse(at)] : [])));

/** Airflow by strip rise if read, else the blower setting. */
const airflowOf = (context: StartupContext): { readonly cfm: number; readonly cfmFrom: 'rise' | 'setting' } => {
  const { facts } = context;
  const { heatCfm, auxCfm } = facts.airHandler;
  if (kitRows(facts).length > 0) {
    const items: readonly Item[] = stripAmpsItems(context, 'emergency');
    const found = heaterAmpsRead(context, items) === undefined ? undefined : airflowCheck(context, items);
    // With strips the blower runs at another airflow; the ratio to its setting is the same.
    if (found?.kind === 'read') return { cfm: (found.cfm / auxCfm) * heatCfm, cfmFrom: 'rise' };
  }
  return { cfm: heatCfm, cfmFrom: 'setting' };
};

/** Rated data for the running stage; null if none. */
const sheetOf = (facts: Facts, call: CallId): HeatPump | null => {
  const full = jobHeatPump(atRatedCapacity(facts));
  return facts.outdoorUnit.stages === 'two' && call === 'heat-1' ? jobLowStage(atRatedCapacity(facts)) : full;
};

/** Whether a share is plausible for a unit. */
const isPossible = (share: number): boolean => {
  const fact = factAt('proof.measuredShare');
  return fact.kind === 'number' && share >= fact.min && share <= fact.max;
};

/**
 * Capacity by airflow and rise, compared with rated capacity at the same outdoor temperature without frost, as a
 * reading between defrosts has none. Refused in a defrost, before the run is steady, and with strips on. @source Btu/h
 * = 1.08 × density ratio × CFM × ΔT, ASHRAE Fundamentals
 */
export const measuredCapacity = (context: StartupContext, call: 'heat-1' | 'heat-2'): MeasuredCapacity => {
  const { facts, bench } = context;
  if (facts.outdoorUnit.stages === 'inverter')
    return { kind: 'refused', why: 'An inverter sets its own speed, so present output does not show full capacity.' };
  const outdoorF = numberRead(context, OUTDOOR_ITEM);
  if (outdoorF === undefined) return { kind: 'waits', what: 'the outdoor temperature' };
  const sheet = sheetOf(facts, call);
  if (sheet === null) return { kind: 'waits', what: 'the low-stage capacity, on the Survey' };
  const state = bench.at(facts, stepMoment(context, call));
  if (!isHeating(facts, state))
    return { kind: 'refused', why: state.lockedOut[0]?.why ?? 'The heat pump does not heat on this call.' };
  if (stripsNowBtuh(facts, state, facts.heatKit.serviceVolts) > 0)
    return { kind: 'refused', why: 'Strips are on in this call: their heat cannot be separated from the heat pump’s.' };

  const [back, supply] = (['return', 'supply'] as const).map((at) =>
    read(context, { call, observable: { kind: 'temperature', at } }),
  );
  if (typeof back?.value !== 'number') return { kind: 'waits', what: 'the return air' };
  if (typeof supply?.value !== 'number') return { kind: 'waits', what: 'the supply air' };

  const fan = read(context, { call, observable: { kind: 'motor-amps', of: 'fan' } })?.value;
  if (typeof fan === 'number' && fan < FAN_STANDS_A)
    return { kind: 'refused', why: 'The outdoor fan is stopped: a defrost, or a fault.' };
  const riseF = supply.value - back.value;
  if (riseF < LEAST_RISE_F)
    return { kind: 'refused', why: 'The air is not being heated: a defrost, or the reversing valve.' };
  const [backAt, supplyAt] = [Date.parse(back.at), Date.parse(supply.at)];
  if (Math.abs(backAt - supplyAt) > TOGETHER_MS)
    return { kind: 'refused', why: 'Return and supply were read more than ten minutes apart: read both again.' };
  const ranMs = Math.min(backAt, supplyAt) - ranFrom(context, call);
  if (ranMs < STEADY_MS)
    return {
      kind: 'refused',
      why:
        ranMs <= TOGETHER_MS && ranFrom(context, call) === Math.min(backAt, supplyAt)
          ? 'No reading marks the start of the run. Read a terminal when the call starts and the air 15 minutes later.'
          : `Air was read ${Math.round(ranMs / 60_000)} min into the call; wait 15 minutes for steady readings.`,
    };

  const { cfm, cfmFrom } = airflowOf(context);
  const btuh = sensibleFactorAt(facts.site.elevationFt) * cfm * riseF;
  const error = Math.hypot(CFM_ERROR[cfmFrom], (Math.SQRT2 * PROBE_F) / riseF);
  const sheetBtuh = capacityCurve({ ...sheet, frost: false }).at(outdoorF);
  // Altitude is already in the reading: the share is of the printed rating.
  const printedBtuh = sheetBtuh / facts.outdoorUnit.capacityShare;
  const share = roundTo(btuh / printedBtuh, 2);
  return isPossible(share)
    ? { kind: 'measured', btuh, spreadBtuh: error * btuh, cfm, cfmFrom, outdoorF, sheetBtuh: printedBtuh, share }
    : {
        kind: 'refused',
        why: `${Math.round(share * 100)} % of rated is not a real capacity: check airflow and probes first.`,
      };
};
