import { CALLS } from '../control/moment';
import { jobFurnaceBtuh } from '../devices/furnace/stages';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { Observation } from '../model/observable';
import { observationKey } from '../model/observation-key';
import { elementKW } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { sensibleFactorAt } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { apartF } from '../units/degrees';
import { roundTo } from '../units/round';
import { airflowRead } from './air-items';
import { heaterAmpsRead } from './airflow-check';
import type { AirflowSeen } from './airflow-seen';
import { kitVolts, numberRead, type StartupContext } from './given';
import { callAirflows, staticCall, staticOf } from './static-item';
import { stripAmpsItems } from './strip-amps';

const air = (at: 'return' | 'supply'): Observation => ({ call: 'emergency', observable: { kind: 'temperature', at } });

/**
 * Blower airflow at a pressure by its table, interpolated; null outside the table.
 * @param inWc external static pressure, in. w.c.
 */
export const tableCfm = (rows: Facts['proof']['blowerTable'], inWc: number): number | null => {
  const inOrder = [...rows].sort((one, other) => one.staticInWc - other.staticInWc);
  for (const [at, row] of inOrder.entries()) {
    if (row.staticInWc === inWc) return row.cfm;
    const next = inOrder[at + 1];
    if (!next || inWc < row.staticInWc || inWc > next.staticInWc) continue;
    const share = (inWc - row.staticInWc) / (next.staticInWc - row.staticInWc);
    return row.cfm + share * (next.cfm - row.cfm);
  }
  return null;
};

/** By the table, at the pressure measured in that call; the airflow with backup in proportion to the two settings. */
const byTable = (context: StartupContext): readonly AirflowSeen[] => {
  const { facts } = context;
  const call = staticCall(facts);
  const inWc = numberRead(context, observationKey(facts, staticOf(call)));
  if (inWc === undefined || facts.proof.blowerTable.length < 2) return [];
  const cfm = tableCfm(facts.proof.blowerTable, inWc);
  const setCfm = new Map(callAirflows(facts)).get(call)!;
  const { auxCfm } = facts.airHandler;
  if (cfm === null) return [];
  const scaled =
    setCfm === auxCfm
      ? ''
      : `; ${roundTo(cfm, 0)} CFM in ${CALLS[call].label.toLowerCase()}, where ${setCfm} are set, and ${auxCfm} here`;
  return [
    {
      way: 'table',
      cfm: (cfm * auxCfm) / setCfm,
      sum: `${roundTo(inWc, 2)} in. w.c., between the table’s rows${scaled}`,
    },
  ];
};

/**
 * Airflow with backup from every source: blower table, rise with measured strip amps, rise with nameplate kW or furnace
 * output, and the blower setting. @source CFM = Btu/h ÷ (1.08 × density ratio × ΔT), ASHRAE Fundamentals
 */
export const airflowsOf = (context: StartupContext): readonly AirflowSeen[] => {
  const { facts } = context;
  const [returnF, supplyF] = (['return', 'supply'] as const).map((at) =>
    numberRead(context, observationKey(facts, air(at))),
  );
  const riseF = returnF === undefined || supplyF === undefined ? 0 : supplyF - returnF;
  const perDegree = sensibleFactorAt(facts.site.elevationFt) * riseF;
  const heat = (btuh: number) =>
    `${Math.round(btuh).toLocaleString('en-US')} Btu/h over a rise of ${apartF(roundTo(riseF, 1))}`;
  const found: AirflowSeen[] = [...byTable(context)];
  if (riseF > 0 && backupOf(facts) === 'fossil') {
    const btuh = jobFurnaceBtuh(facts);
    found.push({ way: 'input', cfm: btuh / perDegree, sum: heat(btuh) });
  }
  if (riseF > 0 && kitRows(facts).length > 0) {
    const amps = heaterAmpsRead(context, stripAmpsItems(context, 'emergency'));
    const cfm = airflowRead(context, amps);
    const { volts } = kitVolts(context);
    if (cfm !== undefined) found.push({ way: 'rise', cfm, sum: heat(volts * amps! * (BTU_PER_KWH / 1000)) });
    const kW = jobElements(facts).reduce((sum, element) => sum + elementKW(element, volts), 0);
    found.push({
      way: 'kW',
      cfm: (kW * BTU_PER_KWH) / perDegree,
      sum: `${roundTo(kW, 1)} kW at ${roundTo(volts, 1)} V: ${heat(kW * BTU_PER_KWH)}`,
    });
  }
  if (found.length === 0) return [];
  return [{ way: 'setting', cfm: facts.airHandler.auxCfm, sum: 'Survey' }, ...found];
};
