import type { Moment } from '../src/core/control/moment';
import type { Facts } from '../src/core/job/document';
import { roundTo } from '../src/core/units/round';
import { statesByCall } from '../src/core/wiring/behaviour';
import { faultById } from '../src/core/wiring/fault';
import type { Harness } from '../src/core/wiring/harness';
import { plan } from '../src/core/wiring/plan';
import { wiringState } from '../src/core/wiring/state';
import { roomNote, traceCall } from '../src/core/wiring/trace';

const tried = (harness: Harness, { trying }: Moment) => faultById(harness, trying) ?? null;

/** Terminals, coils and volts in every call of a job. */
export const statesReport = (facts: Facts, harness: Harness, moment: Moment) => {
  const calls = [...statesByCall(facts, harness, moment, tried(harness, moment)?.fault ?? null)].map(
    ([call, state]) => {
      const volts = harness.devices.map(({ id, terminals }) => [
        id,
        Object.fromEntries(terminals.map(({ mark }) => [mark, roundTo(state.volts.get(`${id}.${mark}`) ?? 0, 4)])),
      ]);
      return [
        call,
        {
          terminalsHot: [...state.hot],
          coilsEnergised: [...state.energised],
          chattering: state.chattering,
          held: state.held.map(({ why }) => why),
          volts: Object.fromEntries(volts),
          sourceAmps: roundTo(state.solution.sourceAmps, 5),
          fuseOpenedAtAmps: state.fuseOpenedAtAmps,
        },
      ];
    },
  );
  return { outdoorF: moment.outdoorF, trying: moment.trying, calls: Object.fromEntries(calls) };
};

/** The current's path through every coil of a call. */
export const traceReport = (facts: Facts, harness: Harness, moment: Moment) => {
  const fault = tried(harness, moment);
  const state = wiringState(facts, harness, moment, fault?.fault);
  return {
    call: moment.call,
    outdoorF: moment.outdoorF,
    indoorF: moment.indoorF,
    trying: fault?.words ?? moment.trying,
    note: roomNote(facts, moment),
    chattering: state.chattering,
    held: state.held.map(({ why }) => why),
    coils: traceCall(facts, plan(facts), harness, state).map(({ coil, device, status, steps, held }) => ({
      coil: coil.id,
      device,
      status,
      held,
      steps: steps.map((step) => ({ ...step, volts: roundTo(step.volts, 3) })),
    })),
  };
};
