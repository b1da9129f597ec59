import { check } from '../src/core/check';
import type { Moment } from '../src/core/control/moment';
import { crossingAt } from '../src/core/crossing/from-job';
import type { JobFile } from '../src/core/formats/job-file';
import { currentReadings } from '../src/core/job/reading';
import { airflowCheck } from '../src/core/startup/airflow-check';
import { startupPlan } from '../src/core/startup/plan';
import { kitFit } from '../src/core/strips/belongs';
import { clampId, clampPlaces, clampReach, expectedAmpsNow } from '../src/core/strips/clamp';
import { kitEvidence, STRIP_VOLTS_ITEM, stripAmpsItem } from '../src/core/strips/evidence';
import { findKits } from '../src/core/strips/find-kit';
import { jobKit } from '../src/core/strips/from-job';
import { ladder } from '../src/core/strips/ladder';
import { ladderState } from '../src/core/strips/ladder-state';
import { ampsMeaning } from '../src/core/strips/reading-meaning';

/** Everything the Strips page says of a job's kit, for a moment, once every switch has moved. */
export const stripsReport = ({ facts, confirmed, readings }: JobFile, moment: Moment) => {
  const current = currentReadings(readings);
  const number = (item: string) => {
    const value = current.get(item)?.value;
    return typeof value === 'number' ? value : undefined;
  };
  const measuredVolts = number(STRIP_VOLTS_ITEM);
  const volts = measuredVolts ?? facts.heatKit.serviceVolts;
  const settled = ladderState(facts, moment, Number.MAX_SAFE_INTEGER, volts);
  const emergency = startupPlan(facts, readings, moment).find(({ step }) => step.id === 'emergency');
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
      const amps = number(stripAmpsItem(clampId(clamp)));
      return amps === undefined
        ? []
        : [{ clamp: clampId(clamp), amps, ways: ampsMeaning(facts, clamp, amps, measuredVolts ?? null, settled) }];
    }),
    fit: kitFit(facts, crossingAt(facts, moment.outdoorF).heatPumpBtuh, moment.indoorF, volts),
    foundKits: findKits(kitEvidence(facts, new Set(confirmed), readings)),
    airflow: airflowCheck({ facts, readings: current, moment }, ampsItems),
    findings: check(facts, readings).filter(
      ({ page, fact }) => page === 'strips' || fact?.startsWith('heatKit.') || fact === 'airHandler.auxCfm',
    ),
  };
};
