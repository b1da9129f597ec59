import { causesOf } from '../causes';
import type { Cause } from '../causes/cause';
import { NOTHING } from '../causes/nothing';
import type { Moment } from '../control/moment';
import type { JobModel } from '../model/job-model';
import type { Prediction } from '../model/observables/definition';
import { memoize } from '../units/once';
import { complaintShares } from './complaints';
import { type FaultedSystem, faultedSystems } from './faulted-system';
import { homeownerSigns } from './homeowner-signs';
import { binsOf, outcomesOf, readSame } from './outcome';
import type { Probe } from './probe';
import { probesOf } from './probes';
import { lowTwin } from './probes/terminals';

/** Readings of a probe by cause: the distinct readings, and which of them each cause gives. */
export interface Row {
  readonly probe: Probe;
  readonly readings: readonly Prediction[];
  /** By cause, the index of its reading. */
  readonly of: Uint16Array;
  /** By reading, the probability of each outcome. */
  readonly outcomes: readonly Float64Array[];
}

/** All causes and all probes of a system. */
export interface Table {
  readonly model: JobModel;
  readonly moment: Moment;
  readonly causes: readonly Cause[];
  readonly probes: readonly Probe[];
  readonly row: (probe: Probe) => Row;
  readonly patientOf: (cause: Cause) => FaultedSystem;
  /** A system with any effect, as for two causes at once. */
  readonly patientWith: (effect: Cause['effect']) => FaultedSystem;
  /** By cause, the probability of each complaint. */
  readonly complaints: () => readonly (readonly number[])[];
  readonly probeById: (id: string) => Probe | undefined;
  /** The same two points at low impedance, which removes ghost voltage; undefined if not a volt reading. */
  readonly retestOf: (probe: Probe) => Probe | undefined;
}

/** Prediction of a probe on a faulted system. */
export const predictedOn = (patient: FaultedSystem, { of }: Pick<Probe, 'of'>): Prediction =>
  patient.observe(of.call ?? 'off', of.observable);

/** Predictions that depend on 24 V only: shared by all systems with equal wiring. */
const isOfWires = ({ of: { observable } }: Probe) =>
  observable.kind === 'volts' || observable.kind === 'ohms' || observable.kind === 'hot';

/**
 * All causes and all probes of a system, computed on demand.
 * @param moment outdoor and room temperature of the visit
 */
export const tableOf = (model: JobModel, moment: Moment): Table => {
  const { facts, wall } = model;
  const causes = causesOf(facts, wall.harness);
  const probes = probesOf(facts, wall.harness, causes);
  const retests = new Map(probes.flatMap((probe) => lowTwin(facts, probe).map((twin) => [probe.id, twin] as const)));
  const byId = new Map([...probes, ...retests.values()].map((probe) => [probe.id, probe]));
  const patientWith = faultedSystems(model, moment);
  const all = causes.map(({ effect }) => patientWith(effect));
  const nothingAt = causes.findIndex(({ id }) => id === NOTHING);
  const sound = all[nothingAt]!;
  const at = new Map(causes.map((cause, index) => [cause, index]));

  const row = memoize(
    ({ id }: Probe) => id,
    (probe): Row => {
      const readings: Prediction[] = [];
      const of = new Uint16Array(causes.length);
      const byWires = new Map<string, number>();
      all.forEach((patient, cause) => {
        const known = isOfWires(probe) ? byWires.get(patient.wireKey) : undefined;
        if (known !== undefined) {
          of[cause] = known;
          return;
        }
        const reading = predictedOn(patient, probe);
        const same = readings.findIndex((each) => readSame(probe, each, reading));
        of[cause] = same >= 0 ? same : readings.push(reading) - 1;
        byWires.set(patient.wireKey, of[cause]!);
      });
      const bins = binsOf(probe, readings);
      return { probe, readings, of, outcomes: readings.map((reading) => outcomesOf(probe, reading, bins)) };
    },
  );

  let complaints: readonly (readonly number[])[] | undefined;
  return {
    model,
    moment,
    causes,
    probes,
    row,
    patientOf: (cause) => all[at.get(cause)!]!,
    patientWith,
    complaints: () =>
      (complaints ??= all.map((patient, cause) =>
        complaintShares(homeownerSigns(patient, sound), cause === nothingAt),
      )),
    probeById: (id) => byId.get(id),
    retestOf: ({ id }) => retests.get(id),
  };
};
