import { freezesAt } from '../../control/coil';
import { temperatureRiseF } from '../../units/air';
import { BTU_PER_KWH } from '../../units/constants';
import { compressorCurves } from '../compressor';
import { frostShareAt } from '../frost';
import { loadCurve } from '../load';
import { backupToF, compressorFromF } from '../lockouts';
import type { Defrosts, Plant } from './plant';

/** Output of each source over an hour at one outdoor temperature. Sources and shortfall add up to the load. */
export interface HourHeat {
  readonly loadBtuh: number;
  readonly compressorBtuh: number;
  readonly compressorKW: number;
  /** Strips, including defrost. */
  readonly stripsBtuh: number;
  /** Of these, in defrost. */
  readonly temperingBtuh: number;
  readonly fossilBtuh: number;
  readonly shortBtuh: number;
  /** Blower, kW on average, while backup heats without the compressor. */
  readonly blowerKW: number;
  /** Compressor starts. */
  readonly starts: number;
  /**
   * Coldest register air while the compressor runs, °F: in steady heat, or in a defrost without strips. Null: it does
   * not run.
   */
  readonly coldestSupplyF: number | null;
}

/** All electricity for heat, kW. */
export const electricKW = ({ compressorKW, blowerKW, stripsBtuh }: HourHeat): number =>
  compressorKW + blowerKW + stripsBtuh / BTU_PER_KWH;

const IDLE: HourHeat = {
  loadBtuh: 0,
  compressorBtuh: 0,
  compressorKW: 0,
  stripsBtuh: 0,
  temperingBtuh: 0,
  fossilBtuh: 0,
  shortBtuh: 0,
  blowerKW: 0,
  starts: 0,
  coldestSupplyF: null,
};

/** Share of run time in defrost at an outdoor temperature, °F. */
const defrostShareOf =
  ({ share, follows }: Defrosts) =>
  (outdoorF: number): number => {
    if (follows === 'frost') return share * frostShareAt(outdoorF);
    return freezesAt(outdoorF) ? share : 0;
  };

/**
 * Output of a plant over an hour, as a function of outdoor temperature, °F. A furnace replaces the compressor: if the
 * compressor falls short the two share the hour and never run together. Starts follow the thermostat's cycling law, 4 N
 * x (1 − x) at a run fraction x.
 */
export const hourOf = (plant: Plant): ((outdoorF: number) => HourHeat) => {
  const { gates, banksKW, fuel, stripsHelp, cyclesPerHour, air } = plant;
  const defrostShare = defrostShareOf(plant.defrost);
  const house = loadCurve(plant.load).at;
  const { mostBtuh, give } = compressorCurves(plant.compressor);
  const compressorF = compressorFromF(gates, plant.compressor.full.minOutdoorF);
  const furnaceF = backupToF(gates, -1);
  const banks = banksKW.map((kW, bank) => ({ btuh: kW * BTU_PER_KWH, toF: backupToF(gates, bank) }));
  const temperingMostBtuh = plant.temperingKW * BTU_PER_KWH;

  const shared = (
    outdoorF: number,
    loadBtuh: number,
    canBtuh: number,
  ): Pick<HourHeat, 'fossilBtuh' | 'compressorBtuh'> => {
    const furnaceBtuh = fuel && outdoorF <= furnaceF ? fuel.outputBtuh : 0;
    if (canBtuh >= loadBtuh || furnaceBtuh <= canBtuh)
      return { fossilBtuh: 0, compressorBtuh: Math.min(canBtuh, loadBtuh) };
    const share = Math.min(1, (loadBtuh - canBtuh) / (furnaceBtuh - canBtuh));
    return { fossilBtuh: share * furnaceBtuh, compressorBtuh: (1 - share) * canBtuh };
  };

  const coldestF = (outdoorF: number, canBtuh: number, temperBtuh: number) => {
    const steady = temperatureRiseF(canBtuh, air.cfm, air.elevationFt);
    // A defrost takes about as much heat from the house as the unit gives in heating.
    const inDefrost =
      defrostShare(outdoorF) > 0
        ? temperatureRiseF((temperBtuh > 0 ? temperingMostBtuh : 0) - canBtuh, air.cfm, air.elevationFt)
        : steady;
    return air.roomF + Math.min(steady, inDefrost);
  };

  return (outdoorF) => {
    const loadBtuh = house(outdoorF);
    if (loadBtuh <= 0) return IDLE;
    const mayCompress = outdoorF >= compressorF;
    const canBtuh = mayCompress ? mostBtuh(outdoorF) : 0;
    const temperingBtuh =
      fuel || canBtuh <= 0
        ? 0
        : Math.min(loadBtuh, defrostShare(outdoorF) * Math.min(1, loadBtuh / canBtuh) * temperingMostBtuh);
    const { fossilBtuh, compressorBtuh: wantedBtuh } = shared(outdoorF, loadBtuh - temperingBtuh, canBtuh);
    // With a furnace, the compressor runs at full for its part of the hour; alone it follows demand.
    const part = fossilBtuh > 0 && canBtuh > 0 ? wantedBtuh / canBtuh : null;
    const compressor =
      part === null
        ? give(outdoorF, wantedBtuh)
        : { btuh: wantedBtuh, kW: give(outdoorF, canBtuh).kW * part, runShare: part };
    const { btuh: compressorBtuh, runShare } = compressor;
    const restBtuh = Math.max(0, loadBtuh - temperingBtuh - compressorBtuh - fossilBtuh);
    const mayHelp = !fuel && (stripsHelp || !mayCompress);
    const openBtuh = mayHelp ? banks.reduce((sum, { btuh, toF }) => (outdoorF <= toF ? sum + btuh : sum), 0) : 0;
    const helpBtuh = Math.min(openBtuh, restBtuh);
    const aloneShare = fuel ? fossilBtuh / fuel.outputBtuh : canBtuh > 0 || openBtuh === 0 ? 0 : helpBtuh / openBtuh;
    return {
      loadBtuh,
      compressorBtuh,
      compressorKW: compressor.kW,
      stripsBtuh: temperingBtuh + helpBtuh,
      temperingBtuh,
      fossilBtuh,
      shortBtuh: restBtuh - helpBtuh,
      blowerKW: aloneShare * plant.blowerKW,
      starts: 4 * cyclesPerHour * runShare * (1 - runShare),
      coldestSupplyF: canBtuh > 0 && compressorBtuh > 0 ? coldestF(outdoorF, canBtuh, temperingBtuh) : null,
    };
  };
};
