import { balanceAt } from '../src/core/balance/from-job';
import { findingsOf } from '../src/core/check';
import { findingsFor } from '../src/core/check/pages';
import type { Moment } from '../src/core/control/moment';
import type { JobFile } from '../src/core/formats/job-file';
import { lastReadings } from '../src/core/job/visits';
import { jobModel } from '../src/core/model/job-model';
import { observationKey, observedNow, stripKeys } from '../src/core/model/observation-key';
import { airflowCheck } from '../src/core/startup/airflow-check';
import { startupContext } from '../src/core/startup/given';
import { startupOf } from '../src/core/startup/startup-of';
import { kitFit } from '../src/core/strips/belongs';
import { clampId, clampPlaces, clampReach, expectedAmpsNow } from '../src/core/strips/clamp';
import { kitEvidence } from '../src/core/strips/evidence';
import { findKits } from '../src/core/strips/find-kit';
import { jobKit } from '../src/core/strips/from-job';
import { ladder } from '../src/core/strips/ladder';
import { ladderState } from '../src/core/strips/ladder-state';
import { ampsMeaning } from '../src/core/strips/reading-meaning';

/** Everything on the Strips page of a job's kit for a moment, after the last switch has moved. */
export const stripsReport = (file: JobFile, moment: Moment) => {
  const { facts, confirmed } = file;
  const readings = lastReadings(file);
  const model = jobModel(facts, moment.scenario);
  const current = observedNow(facts, readings);
  const keys = stripKeys(facts);
  const number = (item: string) => {
    const value = current.get(item)?.value;
    return typeof value === 'number' ? value : undefined;
  };
  const measuredVolts = number(keys.volts);
  const volts = measuredVolts ?? facts.heatKit.serviceVolts;
  const settled = ladderState(facts, model.wall, moment, Infinity, volts);
  const emergency = startupOf(model, readings, moment).find(({ step }) => step.id === 'emergency');
  const ampsItems = emergency?.built.items.filter(({ id }) => id.startsWith('amps-')) ?? [];
  return {
    suppliedVolts: volts,
    isMeasured: measuredVolts !== undefined,
    ladder: ladder(facts),
    kit: jobKit(facts, volts),
    settled: {
      call: moment.call,
      on: settled.rungs.filter(({ isClosed }) => isClosed).map(({ rung }) => rung.at),
      heaterAmps: settled.heaterAmps,
      mainAmps: settled.mainAmps,
      blower: settled.blower,
      settlesS: settled.settlesS,
    },
    expectedAmps: Object.fromEntries(
      clampPlaces(facts).map((clamp) => [
        clampId(clamp),
        { about: clampReach(facts, clamp).label, amps: expectedAmpsNow(facts, clamp, settled, volts) },
      ]),
    ),
    meanings: clampPlaces(facts).flatMap((clamp) => {
      const amps = number(observationKey(facts, { call: moment.call, observable: { kind: 'amps', clamp } }));
      return amps === undefined
        ? []
        : [{ clamp: clampId(clamp), amps, ways: ampsMeaning(facts, clamp, amps, measuredVolts ?? null, settled) }];
    }),
    fit: kitFit(facts, balanceAt(facts, moment.outdoorF).heatPumpBtuh, moment.indoorF, volts),
    foundKits: findKits(kitEvidence(facts, new Set(confirmed), current, keys)),
    airflow: airflowCheck(startupContext(model, readings, moment), ampsItems),
    findings: findingsFor('strips', findingsOf(model, readings)),
  };
};
