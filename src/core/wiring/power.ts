import { readVolts } from '../circuit/meter';
import type { CallId } from '../control/moment';
import { type Coil, type Device, nodeOf } from '../devices/device';
import type { Facts } from '../job/document';
import { DROP_OUT_VOLTS } from '../units/control-volts';
import { conductorOhms } from '../units/copper';
import type { StatesByCall } from './behavior';
import { type Cable, type Harness, landedConductors, refText } from './harness';
import { thermostatCables } from './plan';
import type { WiringState } from './state';

/** Whether a coil loads the transformer: it is in, or has enough volts to hum. */
const isFed = (device: Device, { id, from, to }: Coil, { energized, solution }: WiringState): boolean =>
  energized.has(id) || readVolts(solution, nodeOf(device.id, from), nodeOf(device.id, to)) >= DROP_OUT_VOLTS;

/** The call with the highest transformer load, and its rated load, VA. */
export const heaviestCall = (
  harness: Harness,
  states: StatesByCall,
): { readonly call: CallId; readonly va: number } => {
  const loads = [...states].map(([call, state]) => ({
    call,
    va: harness.devices
      .flatMap((device) => device.coils.filter((coil) => isFed(device, coil, state)))
      .reduce((sum, { va }) => sum + va, 0),
  }));
  return loads.reduce((most, each) => (each.va > most.va ? each : most));
};

/** Voltage loss of a cable's conductors in the heaviest call. */
export interface CableDrop {
  readonly cable: Cable;
  /** One conductor, one way, Ω. */
  readonly ohms: number;
  /** The conductor with the highest loss, and the loss, V. */
  readonly worst: {
    readonly colour: string;
    readonly carries: string;
    readonly volts: number;
    readonly amps: number;
  } | null;
}

/** Transformer, fuse and cables in the heaviest call. */
export interface PowerReport {
  readonly call: CallId;
  readonly va: number;
  readonly transformerVA: number;
  readonly amps: number;
  readonly fuseAmps: number;
  readonly fuseOpenedAtAmps: number | null;
  readonly volts: number;
  readonly drops: readonly CableDrop[];
}

/** Load of transformer, fuse and cables in the heaviest call. */
export const powerReport = (facts: Facts, harness: Harness, states: StatesByCall): PowerReport => {
  const { call, va } = heaviestCall(harness, states);
  const { solution, fuseOpenedAtAmps, network } = states.get(call)!;
  const drops = thermostatCables(harness).map((cable): CableDrop => {
    const ohms = conductorOhms(cable.gauge, cable.lengthFt);
    const lost = landedConductors(harness)
      .filter((conductor) => conductor.cable === cable.id && conductor.colour !== null)
      .map(({ from, to, colour, carries }) => {
        const volts = readVolts(solution, refText(from), refText(to));
        return { colour: colour!, carries, volts, amps: volts / ohms };
      });
    return {
      cable,
      ohms,
      worst: lost.reduce<CableDrop['worst']>(
        (most, each) => (most === null || each.volts > most.volts ? each : most),
        null,
      ),
    };
  });
  return {
    call,
    va,
    transformerVA: facts.airHandler.transformerVA,
    amps: solution.sourceAmps,
    fuseAmps: facts.airHandler.fuseAmps,
    fuseOpenedAtAmps,
    volts: readVolts(solution, network.source.plus, network.source.minus),
    drops,
  };
};
