import type { Moment } from '../src/core/control/moment';
import { scenarioCode } from '../src/core/control/scenario';
import type { JobModel } from '../src/core/model/job-model';
import { roundTo } from '../src/core/units/round';
import { faultsByCode } from '../src/core/wiring/fault';
import { roomNote, traceCall } from '../src/core/wiring/trace';

/** The simulation in words if it is a fault; null if there is none. */
const triedWords = ({ harness, scenario }: JobModel): string | null => {
  const faults = faultsByCode(harness, scenario.faults).map(({ words }) => words);
  return faults.length > 0 ? [...scenario.conditions, ...faults].join('; ') : scenarioCode(scenario) || null;
};

/** Terminals, coils and volts in every call of a job. */
export const statesReport = (model: JobModel, moment: Moment) => {
  const { harness } = model;
  const calls = [...model.states(moment)].map(([call, state]) => {
    const volts = harness.devices.map(({ id, terminals }) => [
      id,
      Object.fromEntries(terminals.map(({ mark }) => [mark, roundTo(state.volts.get(`${id}.${mark}`) ?? 0, 4)])),
    ]);
    return [
      call,
      {
        terminalsHot: [...state.hot],
        coilsEnergised: [...state.energized],
        chattering: state.chattering,
        held: state.lockedOut.map(({ why }) => why),
        volts: Object.fromEntries(volts),
        sourceAmps: roundTo(state.solution.sourceAmps, 5),
        fuseOpenedAtAmps: state.fuseOpenedAtAmps,
      },
    ];
  });
  return { outdoorF: moment.outdoorF, trying: scenarioCode(model.scenario) || null, calls: Object.fromEntries(calls) };
};

/** Current path through every coil of a call. */
export const traceReport = (model: JobModel, moment: Moment) => {
  const { facts, sound, harness } = model;
  const state = model.state(moment);
  return {
    call: moment.call,
    outdoorF: moment.outdoorF,
    indoorF: moment.indoorF,
    trying: triedWords(model),
    note: roomNote(facts, moment),
    chattering: state.chattering,
    held: state.lockedOut.map(({ why }) => why),
    coils: traceCall(facts, sound, harness, state).map(({ coil, device, status, steps, held }) => ({
      coil: coil.id,
      device,
      status,
      held,
      steps: steps.map((step) => ({ ...step, volts: roundTo(step.volts, 3) })),
    })),
  };
};
