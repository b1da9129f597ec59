import { FREEZING_F } from '../../units/constants';
import { frostGrowth } from './frost';

/** A refrigerant circuit with a clean coil, Btu/h. */
export interface Clean {
  /** Heat delivered indoors. */
  readonly capacityBtuh: number;
  /** Its power. */
  readonly powerBtuh: number;
}

/** Scale of a coil's behavior: the unit's rating at 47 °F. */
export interface CoilSize extends Clean {
  readonly elevationFt: number;
  /** Share of the air that contacts the coil; lower with less airflow. */
  readonly contact: number;
  /** Melting effectiveness, normally 1; lower with a low charge. */
  readonly melts: number;
  /** Extra depth below outdoor temperature compared with a good coil; more with less airflow. */
  readonly split: number;
}

export interface CoilState {
  readonly coilF: number;
  readonly frostLb: number;
}

/** The coil over an interval. */
export type CoilWork =
  { readonly kind: 'off' } | ({ readonly kind: 'heating' } & Clean) | ({ readonly kind: 'defrost' } & Clean);

/** Heat to the house and power, Btu/h; heat is negative while the unit takes it from the house. */
export interface CoilAnswer {
  readonly state: CoilState;
  readonly heatBtuh: number;
  readonly powerBtuh: number;
}

/**
 * Coil parameters, per 1000 Btu/h rated at 47 °F where stated. Tuned so that a 60 to 90 min board at 35 °F dry, 33 °F
 * wet bulb gives 0.90 of steady capacity at 0.985 of its power. Source of the target: 10 CFR 430 subpart B appendix M1.
 */
export const COIL = {
  /** Clean coil below outdoor temperature at the rating, °F. */
  splitF: 12,
  /** Factor of the split with a full coat of frost. */
  frostSplit: 0.8,
  lagMin: 2,
  /** Frost of a full coat, lb per 1000 Btu/h. */
  fullLb: 0.14,
  frostCapacity: 0.25,
  frostPower: 0.1,
  airLbPerHour: 340,
  contact: 0.155,
  /** Share of capacity that heats the coil in defrost. */
  defrostShare: 0.75,
  /** Power in defrost relative to heating. */
  defrostPower: 0.8,
  /** Share of heat lost per °F that the coil is colder than a good one. */
  splitCapacity: 0.012,
  /** Heat capacity of the coil, Btu per °F and 1000 Btu/h. */
  storesBtuPerF: 0.5,
  meltBtuPerLb: 144,
} as const;

const thousands = ({ capacityBtuh }: Clean): number => capacityBtuh / 1000;
const takenBtuh = ({ capacityBtuh, powerBtuh }: Clean): number => Math.max(0, capacityBtuh - powerBtuh);

/** Share of a full coat. */
export const coatShare = (size: CoilSize, frostLb: number): number => Math.min(1, frostLb / fullCoatLb(size));

/** Heat into a coil: first to freezing, then into ice, then above. */
const warmed = (size: CoilSize, { coilF, frostLb }: CoilState, heatBtu: number): CoilState => {
  const stores = COIL.storesBtuPerF * thousands(size);
  const toFreezing = Math.min(heatBtu, Math.max(0, (FREEZING_F - coilF) * stores));
  // A frosted coil stays at freezing; heat stored above that melts ice first.
  const above = frostLb > 0 ? Math.max(0, (coilF - FREEZING_F) * stores) : 0;
  const toIce = heatBtu - toFreezing + above;
  const meltedLb = Math.min(frostLb, toIce / COIL.meltBtuPerLb);
  const rest = toIce - meltedLb * COIL.meltBtuPerLb;
  const from = coilF + toFreezing / stores - above / stores;
  return { coilF: from + rest / stores, frostLb: frostLb - meltedLb };
};

/** Remaining share of heat of a compressor whose coil is colder than a good one. */
const deepShare = ({ split }: CoilSize): number => Math.max(0, 1 - COIL.splitCapacity * COIL.splitF * (split - 1));

/** Frost of a full coat, lb. */
export const fullCoatLb = (rated: Clean): number => COIL.fullLb * thousands(rated);

const toward = (fromF: number, toF: number, minutes: number): number =>
  toF + (fromF - toF) * Math.exp(-minutes / COIL.lagMin);

/**
 * Steps an outdoor coil: while heating it is below air temperature and grows frost, in defrost it melts frost with heat
 * from the house, and while off it approaches air temperature.
 */
export const stepCoil = (
  state: CoilState,
  size: CoilSize,
  work: CoilWork,
  { outdoorF, relativeHumidity }: { readonly outdoorF: number; readonly relativeHumidity: number },
  minutes: number,
): CoilAnswer => {
  const hours = minutes / 60;
  switch (work.kind) {
    case 'off': {
      const restF = state.frostLb > 0 ? Math.min(outdoorF, FREEZING_F) : outdoorF;
      const coilF = toward(state.coilF, restF, minutes);
      // Air above freezing melts frost slowly: still air transfers a tenth of what the fan would.
      const airBtuhPerF = 0.1 * 0.24 * COIL.airLbPerHour * thousands(size) * size.contact;
      const meltedLb = (Math.max(0, outdoorF - FREEZING_F) * airBtuhPerF * hours) / COIL.meltBtuPerLb;
      return {
        state: { coilF, frostLb: Math.max(0, state.frostLb - meltedLb) },
        heatBtuh: 0,
        powerBtuh: 0,
      };
    }
    case 'heating': {
      const coat = coatShare(size, state.frostLb);
      const share = takenBtuh(work) / takenBtuh(size);
      const restF = outdoorF - COIL.splitF * size.split * share * (1 + COIL.frostSplit * coat);
      const coilF = toward(state.coilF, restF, minutes);
      const { lbPerHour } = frostGrowth({
        outdoorF,
        relativeHumidity,
        coilF,
        elevationFt: size.elevationFt,
        airLbPerHour: COIL.airLbPerHour * thousands(size),
        contact: size.contact,
      });
      return {
        state: { coilF, frostLb: state.frostLb + lbPerHour * hours },
        heatBtuh: work.capacityBtuh * (1 - COIL.frostCapacity * coat) * deepShare(size),
        powerBtuh: work.powerBtuh * (1 - COIL.frostPower * coat),
      };
    }
    case 'defrost': {
      const intoCoilBtuh = COIL.defrostShare * work.capacityBtuh * size.melts;
      const powerBtuh = COIL.defrostPower * work.powerBtuh;
      return {
        state: warmed(size, state, intoCoilBtuh * hours),
        // First law: heat to the outdoor coil comes from the house, except the compressor's own power.
        heatBtuh: -Math.max(0, intoCoilBtuh - powerBtuh),
        powerBtuh,
      };
    }
  }
};
