import type { CallId } from '../control/moment';
import { CALLS } from '../control/moment';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { Observation } from '../model/observable';
import { observationKey } from '../model/observation-key';
import { roundTo } from '../units/round';
import { expectUpTo } from './expect';
import { numberRead, type StartupContext } from './given';
import { recorded } from './recorded';
import type { Item } from './step';

/** Airflow of each call in the startup, CFM. Pressure is read in the first of equals. */
export const callAirflows = (facts: Facts): readonly (readonly [CallId, number])[] => {
  const { heatCfm, auxCfm, coolCfm, fanCfm } = facts.airHandler;
  const isFurnace = backupOf(facts) === 'fossil';
  return [
    ['heat-1', heatCfm],
    ...(isFurnace || kitRows(facts).length > 0 ? [[isFurnace ? 'emergency' : 'heat-aux', auxCfm] as const] : []),
    ['cool-1', coolCfm],
    ['fan', fanCfm],
  ];
};

/** The call with the most airflow: the pressure limit applies to it. */
export const staticCall = (facts: Facts): CallId =>
  callAirflows(facts).reduce((most, each) => (each[1] > most[1] ? each : most))[0];

/** Static pressure as an observable. */
export const staticOf = (call: CallId): Observation => ({ call, observable: { kind: 'pressure', at: 'static' } });

/** External static pressure at another airflow through the same ducts. Source: the fan laws, Δp ∝ CFM². */
export const staticAt = (inWc: number, cfm: number, otherCfm: number): number => inWc * (otherCfm / cfm) ** 2;

/** Where the two probes go, by cabinet. */
export const probePlaces = (facts: Facts): string => {
  if (facts.system.cabinet === 'packaged')
    return 'External static pressure: one probe in the return after the filter, one in the supply duct, both at the cabinet; panels on.';
  return backupOf(facts) === 'fossil'
    ? 'External static pressure: one probe between filter and furnace, one between furnace and cased coil (the coil counts as external). Check what is behind the sheet metal before you drill; panels on.'
    : 'External static pressure: one probe between filter and air handler, one in the supply plenum. Coil and strips are inside the unit and do not count. Panels on.';
};

/** The pressure item, only in the step of the call with the most airflow. */
export const staticItems = (context: StartupContext, call: CallId): Item[] => {
  const { facts } = context;
  if (call !== staticCall(facts)) return [];
  const most = facts.airHandler.maxStaticInWc;
  const flows = new Map(callAirflows(facts));
  const cfm = flows.get(call)!;
  const fanCfm = facts.airHandler.fanCfm;
  const inFan = call === 'fan' ? undefined : numberRead(context, observationKey(facts, staticOf('fan')));
  const square =
    call === 'fan' || fanCfm === cfm
      ? ''
      : `; the same ducts show ${roundTo(staticAt(most, cfm, fanCfm), 2)} with the fan alone at ${fanCfm} CFM (square law)`;
  const asRead =
    inFan === undefined
      ? ''
      : `. Read with the fan alone: ${roundTo(inFan, 2)}, which is ${roundTo(staticAt(inFan, fanCfm, cfm), 2)} here`;
  return [
    recorded(
      'filter-drop',
      'Filter pressure drop',
      'in. w.c.',
      'Part of the total: a clean filter takes about a fifth.',
    ),
    recorded('coil-drop', 'Coil pressure drop', 'in. w.c.', 'Wet and dry coils differ; the coil table has both.'),
    {
      id: 'static',
      of: staticOf(call),
      label: 'External static pressure',
      unit: 'in. w.c.',
      limitFrom: 'airHandler.maxStaticInWc',
      expect: () =>
        expectUpTo(most, 'in. w.c.', `Blower table maximum: ${most} in. w.c. at ${cfm} CFM${square}${asRead}`, 0.05),
      explain: (value, grade) =>
        grade === 'pass' || typeof value !== 'number'
          ? null
          : value > most
            ? {
                means: 'Restrictive ductwork: less airflow than the table shows.',
                next: 'Filter, coil face, closed dampers; then measure each side to the room.',
              }
            : {
                means: 'Almost no pressure.',
                next: 'Does the blower run? Are the probes in the right places, the panel on?',
              },
    },
  ];
};

/** Pressure instructions in a step: where the probes go, or in which call to read it. */
export const staticHow = (facts: Facts, call: CallId): string[] => {
  const at = staticCall(facts);
  if (call === at) return [probePlaces(facts)];
  return call === 'fan'
    ? [`Static pressure is read in “${CALLS[at].label.toLowerCase()}”, where the blower moves the most air.`]
    : [];
};
