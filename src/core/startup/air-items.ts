import type { Facts } from '../job/document';
import { airflowFromRiseCfm, temperatureRiseF } from '../units/air';
import { roundTo } from '../units/round';
import { expectWithin } from './expect';
import { type Item, numberRead, type StartupContext } from './step';

/** Supply temperature may be this share of the rise off, and never less than a few degrees. */
const RISE_TOLERANCE = 0.15;
const LEAST_TOLERANCE_F = 3;

/** Return air, for the record; the supply is judged against it. */
export const returnItem = (facts: Facts): Item => ({
  id: 'return',
  label: 'Return air',
  unit: '°F',
  expect: () => ({
    kind: 'record',
    sum: `Near the setpoint of ${facts.house.heatSetpointF} °F. The supply is judged against it.`,
  }),
});

/**
 * Supply air: return air as read plus the rise that the heat gives at the blower's airflow and this elevation.
 * @param btuh heat put into the air, Btu/h; undefined where a reading is missing, which `missing` names
 * @param cfm airflow of the call, CFM
 */
export const supplyItem = (
  context: StartupContext,
  step: string,
  btuh: number | undefined,
  cfm: number,
  source: string,
  missing: string,
): Item => {
  const returnF = numberRead(context, `${step}/return`);
  const { elevationFt } = context.facts.site;
  return {
    id: 'supply',
    label: 'Supply air',
    unit: '°F',
    expect: () => {
      if (btuh === undefined) return { kind: 'needs', what: missing };
      if (returnF === undefined) return { kind: 'needs', what: 'the return air' };
      const riseF = temperatureRiseF(btuh, cfm, elevationFt);
      const toleranceF = Math.max(LEAST_TOLERANCE_F, RISE_TOLERANCE * riseF);
      const sum = `Return ${roundTo(returnF, 1)} °F + rise ${roundTo(riseF, 1)} °F: ${source} ${Math.round(btuh).toLocaleString('en-US')} Btu/h in ${cfm} CFM at ${elevationFt.toLocaleString('en-US')} ft`;
      return {
        ...expectWithin(returnF + riseF, toleranceF / (returnF + riseF), toleranceF / (returnF + riseF), sum),
        tolerance: `±${roundTo(toleranceF, 1)} °F`,
      };
    },
    explain: (value, grade) => {
      if (
        typeof value !== 'number' ||
        btuh === undefined ||
        returnF === undefined ||
        grade === 'pass' ||
        grade === 'noted'
      )
        return null;
      const riseF = temperatureRiseF(btuh, cfm, elevationFt);
      return value - returnF > riseF
        ? {
            means: `A rise of ${roundTo(value - returnF, 1)} °F is too much: little air.`,
            next: 'External static pressure, filter, closed registers, blower setting. Keep probes out of sight of the strips.',
          }
        : {
            means: `A rise of ${roundTo(value - returnF, 1)} °F is too little: little heat, or more air than set.`,
            next: 'Amps of the heat source first; then the blower setting and leaks at the return.',
          };
    },
  };
};

/**
 * Airflow by temperature rise from the readings of a step with strips alone, CFM; undefined until all are there and
 * the air has warmed.
 */
export const airflowRead = (
  context: StartupContext,
  step: string,
  heaterAmps: number | undefined,
): number | undefined => {
  const volts = numberRead(context, `${step}/strip-volts`);
  const returnF = numberRead(context, `${step}/return`);
  const supplyF = numberRead(context, `${step}/supply`);
  if (
    volts === undefined ||
    returnF === undefined ||
    supplyF === undefined ||
    heaterAmps === undefined ||
    supplyF <= returnF
  )
    return undefined;
  return airflowFromRiseCfm(volts, heaterAmps, supplyF - returnF, context.facts.site.elevationFt);
};
