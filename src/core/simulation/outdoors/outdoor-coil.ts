import { FREEZING_F } from '../../units/constants';
import { frostGrowth } from './frost';

/** A compressor's circuit as its coil sees it: what it would give and take with a clean coil, Btu/h. */
export interface Clean {
  /** Heat that it gives indoors. */
  readonly capacityBtuh: number;
  /** Its power. */
  readonly powerBtuh: number;
}

/** What a coil's behavior is scaled by: the unit as rated at 47 °F. */
export interface CoilSize extends Clean {
  readonly elevationFt: number;
  /** Share of the air that touches the coil; less air over it, less. */
  readonly contact: number;
  /** How well it melts, 1; less with little charge. */
  readonly melts: number;
  /** How much farther than a sound coil it lies under outdoors; more with little air over it. */
  readonly split: number;
}

export interface CoilState {
  readonly coilF: number;
  readonly frostLb: number;
}

/** What goes on at the coil for a while. */
export type CoilWork =
  { readonly kind: 'off' } | ({ readonly kind: 'heating' } & Clean) | ({ readonly kind: 'defrost' } & Clean);

/** What reaches the house and what is drawn, Btu/h; heat is negative while the unit takes from the house. */
export interface CoilAnswer {
  readonly state: CoilState;
  readonly heatBtuh: number;
  readonly powerBtuh: number;
}

/**
 * How a coil behaves, per 1000 Btu/h rated at 47 °F where it says so. Tuned so that a 60 to 90 min board at 35 °F dry,
 * 33 °F wet bulb gives 0.90 of steady capacity at 0.985 of its power. Source of that: 10 CFR 430 subpart B appendix M1.
 */
export const COIL = {
  /** Clean coil under outdoors at the rating, °F. */
  splitF: 12,
  /** How much wider the split is with a full coat. */
  frostSplit: 0.8,
  lagMin: 2,
  /** Frost of a full coat, lb per 1000 Btu/h. */
  fullLb: 0.14,
  frostCapacity: 0.25,
  frostPower: 0.1,
  airLbPerHour: 340,
  contact: 0.155,
  /** Share of the capacity that goes into the coil in defrost. */
  defrostShare: 0.75,
  /** Power in defrost as a share of that in heating. */
  defrostPower: 0.8,
  /** Share of its heat that a compressor loses for each °F that its coil lies deeper than a sound one's. */
  splitCapacity: 0.012,
  /** Heat that the coil itself stores, Btu per °F and 1000 Btu/h. */
  storesBtuPerF: 0.5,
  meltBtuPerLb: 144,
} as const;

const thousands = ({ capacityBtuh }: Clean): number => capacityBtuh / 1000;
const takenBtuh = ({ capacityBtuh, powerBtuh }: Clean): number => Math.max(0, capacityBtuh - powerBtuh);

/** Share of a full coat. */
export const coatShare = (size: CoilSize, frostLb: number): number => Math.min(1, frostLb / fullCoatLb(size));

/** Heat into a coil: first up to freezing, then into ice, then on. */
const warmed = (size: CoilSize, { coilF, frostLb }: CoilState, heatBtu: number): CoilState => {
  const stores = COIL.storesBtuPerF * thousands(size);
  const toFreezing = Math.min(heatBtu, Math.max(0, (FREEZING_F - coilF) * stores));
  // A coil that is coated stays at freezing, and what it stores above that melts first.
  const above = frostLb > 0 ? Math.max(0, (coilF - FREEZING_F) * stores) : 0;
  const toIce = heatBtu - toFreezing + above;
  const meltedLb = Math.min(frostLb, toIce / COIL.meltBtuPerLb);
  const rest = toIce - meltedLb * COIL.meltBtuPerLb;
  const from = coilF + toFreezing / stores - above / stores;
  return { coilF: from + rest / stores, frostLb: frostLb - meltedLb };
};

/** Heat that is left to a compressor whose coil lies deeper than a sound one's, a share of 1. */
const deepShare = ({ split }: CoilSize): number => Math.max(0, 1 - COIL.splitCapacity * COIL.splitF * (split - 1));

/** Frost of a full coat, lb. */
export const fullCoatLb = (rated: Clean): number => COIL.fullLb * thousands(rated);

const toward = (fromF: number, toF: number, minutes: number): number =>
  toF + (fromF - toF) * Math.exp(-minutes / COIL.lagMin);

/**
 * A coil outdoors over some minutes: it cools under the air and grows frost while it heats the house, melts it in
 * defrost from the house's own heat, and comes to the air's temperature while it stands.
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
      // Air above freezing melts a coat slowly: by still air a tenth of what the fan would bring.
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
        // First law: what the coil outdoors is given comes from the house, but for the compressor's own power.
        heatBtuh: -Math.max(0, intoCoilBtuh - powerBtuh),
        powerBtuh,
      };
    }
  }
};
