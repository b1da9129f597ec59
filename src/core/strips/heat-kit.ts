import { airflowFromRiseCfm, temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { type Circuit, subdivide } from './circuits';
import { type Element, elementAmps, elementKW, elementOhms } from './element';

export interface HeatKitInput {
  readonly ratedVolts: number;
  readonly suppliedVolts: number;
  /** Volts for sizing circuits; rated volts by default. */
  readonly sizedAtVolts?: number;
  readonly elementsKW: readonly number[];
  readonly blowerAmps: number;
  /** Whether the kit's first circuit feeds the blower; true by default. */
  readonly blowerOnFirstCircuit?: boolean;
  readonly cfm?: number;
  readonly elevationFt?: number;
  /** A measurement on strips alone, for airflow. */
  readonly measured?: { readonly volts: number; readonly amps: number; readonly riseF: number };
}

export interface HeatKit {
  /** Each element at the supply volts. */
  readonly elements: readonly { readonly ohms: number; readonly amps: number; readonly kW: number }[];
  readonly deliveredKW: number;
  readonly heaterAmps: number;
  /** Heaters and blower, A. */
  readonly atMainAmps: number;
  readonly btuh: number;
  readonly circuits: readonly Circuit[];
  /** Rise on strips alone, °F; if airflow is known. */
  readonly riseF?: number;
  /** Airflow by temperature rise, CFM; if measured. */
  readonly cfmFromRise?: number;
}

/**
 * Expected readings of a heat kit with everything on: sized at rated volts, reported at supply volts.
 * @param input volts and kW above zero; `cfm` and `measured.riseF` above zero where given
 */
export const heatKit = (input: HeatKitInput): HeatKit => {
  const { ratedVolts, suppliedVolts, blowerAmps, elevationFt = 0, cfm, measured } = input;
  const kit: Element[] = input.elementsKW.map((kW) => ({ kW, ratedVolts }));
  const elements = kit.map((element) => ({
    ohms: elementOhms(element),
    amps: elementAmps(element, suppliedVolts),
    kW: elementKW(element, suppliedVolts),
  }));
  const deliveredKW = elements.reduce((sum, { kW }) => sum + kW, 0);
  const heaterAmps = elements.reduce((sum, { amps }) => sum + amps, 0);
  const btuh = deliveredKW * BTU_PER_KWH;
  return {
    elements,
    deliveredKW,
    heaterAmps,
    atMainAmps: heaterAmps + blowerAmps,
    btuh,
    circuits: subdivide(kit, blowerAmps, input.blowerOnFirstCircuit ?? true, input.sizedAtVolts),
    ...(cfm === undefined ? {} : { riseF: temperatureRiseF(btuh, cfm, elevationFt) }),
    ...(measured === undefined
      ? {}
      : { cfmFromRise: airflowFromRiseCfm(measured.volts, measured.amps, measured.riseF, elevationFt) }),
  };
};
