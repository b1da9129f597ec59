import type { Moment } from '../control/moment';
import { kitRows } from '../job/kit-rows';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { airflowCheck, heaterAmpsRead } from '../startup/airflow-check';
import { kitVolts, startupContext } from '../startup/given';
import { stripAmpsItems } from '../startup/strip-amps';
import { roundTo } from '../units/round';

/**
 * Results of the emergency-heat readings together: airflow by temperature rise, CFM, and strip power, kW. Empty until
 * all are read.
 */
export const measuredLines = (model: JobModel, readings: readonly Reading[], moment: Moment): readonly string[] => {
  const { facts } = model;
  if (kitRows(facts).length === 0) return [];
  const context = startupContext(model, readings, moment);
  const ampsItems = stripAmpsItems(context, 'emergency');
  const airflow = airflowCheck(context, ampsItems);
  const amps = heaterAmpsRead(context, ampsItems);
  const { volts, from } = kitVolts(context);
  return [
    ...(airflow.kind === 'read' ? [airflow.means] : []),
    ...(amps !== undefined && from === 'loaded'
      ? [
          `Strip heat: ${roundTo((volts * amps) / 1000, 1).toFixed(1)} kW (${roundTo(amps, 1)} A at ${roundTo(volts, 1)} V).`,
        ]
      : []),
  ];
};
