import type { Effect } from '../causes/cause';
import { GOOD_COIL } from '../control/coil';
import type { CallId, Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { bothFaults, type EquipmentFaults, NO_EQUIPMENT_FAULTS } from '../model/equipment-faults';
import { type JobModel, jobModel } from '../model/job-model';
import type { Observable } from '../model/observable';
import type { CoilNight, Prediction } from '../model/observables/definition';
import type { OperatingState } from '../model/operating-state';
import { type Observer, observer } from '../model/predict';
import { memoize, once } from '../units/once';
import type { Harness } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { type Bench, benchOf } from '../wiring/state';
import { coilNights } from './coil-night';

/** A system with a fault, ready for predictions. */
export interface FaultedSystem {
  readonly facts: Facts;
  readonly ails: EquipmentFaults;
  readonly observe: (call: CallId, observable: Observable) => Prediction;
  readonly works: (call: CallId) => OperatingState;
  readonly display: () => boolean;
  /** Whether a call opens the board's fuse. */
  readonly blows: (call: CallId) => boolean;
  /** Frost on its coil after a frosty night. */
  readonly night: CoilNight;
  /** Key of the 24 V side: equal if nothing in it differs. */
  readonly wireKey: string;
}

/** Several effects at once. */
export const bothEffects = (one: Effect, other: Effect): Effect => ({
  faults: [...(one.faults ?? []), ...(other.faults ?? [])],
  conditions: [...new Set([...(one.conditions ?? []), ...(other.conditions ?? [])])],
  facts: (facts) => (other.facts ?? ((same: Facts) => same))(one.facts?.(facts) ?? facts),
  ails: bothFaults(one.ails ?? {}, other.ails ?? {}),
});

/** The wiring as found, with devices set differently. */
const wallSetAs = (wall: Harness, facts: Facts): Harness => ({ ...wall, devices: plan(facts).devices });

/** A coil that defrost never clears. */
const NO_DEFROST: Pick<EquipmentFaults, 'defrost' | 'outdoorCoil'> = {
  defrost: 'never',
  outdoorCoil: { ...GOOD_COIL, melts: 0 },
};

const displayOf = { kind: 'display', of: 'thermostat' } as const;

/**
 * Applies effects to one system, one after the other; shared parts are solved once.
 * @param model the wiring as found; its scenario is ignored
 * @param moment outdoor and room temperature of the visit
 */
export const faultedSystems = (model: JobModel, moment: Moment): ((effect: Effect) => FaultedSystem) => {
  const { facts, wall, supply } = model;
  const nights = coilNights(model, moment.outdoorF);
  const atShare = memoize(
    (share: number) => String(share),
    (share) => (share === 1 ? wall : benchOf(wall.harness, { ...supply, share })),
  );
  return (effect) => {
    const ails: EquipmentFaults = { ...NO_EQUIPMENT_FAULTS, ...effect.ails };
    const own = effect.facts?.(facts) ?? facts;
    const ownBasis = own === facts ? model : jobModel(own);
    const bench: Bench =
      own === facts
        ? atShare(ails.controlShare)
        : benchOf(wallSetAs(wall.harness, own), { ...supply, share: ails.controlShare });
    const scenario = { conditions: effect.conditions ?? [], faults: effect.faults ?? [] };
    const at = (call: CallId): Moment => ({ ...moment, call, scenario });
    const inCall: (call: CallId) => Observer = memoize(
      (call: CallId) => call,
      (call) =>
        observer(ownBasis, bench, at(call), {
          ails,
          get night(): CoilNight {
            return night();
          },
        }),
    );
    // A defrost that does not reverse the refrigerant clears no ice.
    const night = once((): CoilNight =>
      nights(inCall('defrost').works().heats === true ? { ...ails, ...NO_DEFROST } : ails),
    );
    return {
      facts: own,
      ails,
      observe: (call, observable) => inCall(call).read(observable),
      works: (call) => inCall(call).works(),
      get night() {
        return night();
      },
      display: () => {
        const shown = inCall('off').read(displayOf);
        return shown.kind === 'word' && shown.word === 'alive';
      },
      blows: (call) => inCall(call).state.fuseOpenedAtAmps !== null,
      wireKey:
        own === facts
          ? `${ails.controlShare} ${scenario.conditions.join(' ')} ${scenario.faults.join(' ')}`
          : `set ${JSON.stringify([own.thermostat, own.gates])} ${ails.controlShare} ${scenario.faults.join(' ')}`,
    };
  };
};
