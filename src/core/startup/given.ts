import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { indoorServiceVolts } from '../job/indoor-supply';
import type { Reading, TakenReading, UntakenReading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { leftUnmeasured, observedNow } from '../model/observation-key';
import type { Bench } from '../wiring/state';
import { controlSupply, type SupplyId } from './energy';

/** Inputs for building a step: the job, readings so far, and the moment for the rest. */
export interface StartupContext {
  readonly model: JobModel;
  readonly facts: Facts;
  readonly readings: ReadonlyMap<string, TakenReading>;
  /** Unmeasured items, with reasons. */
  readonly notMeasured: ReadonlyMap<string, UntakenReading>;
  readonly moment: Moment;
  /** The plan on the bench, at the line volts read on site. */
  readonly bench: Bench;
}

/** An item's numeric reading; undefined if none. */
export const numberRead = ({ readings }: Pick<StartupContext, 'readings'>, item: string): number | undefined => {
  const value = readings.get(item)?.value;
  return typeof value === 'number' ? value : undefined;
};

/** Nominal volts of a supply. */
export const serviceVoltsOf = (facts: Facts, supply: SupplyId): number =>
  supply === 'air-handler' ? indoorServiceVolts(facts) : facts.heatKit.serviceVolts;

/** Line volts farther from nominal are a fault to fix, not an input. */
const SANE_SHARES = [0.8, 1.15] as const;

/** Measured line volts at the indoor unit as a share of nominal; 1 if not read or faulty. */
export const supplyShare = (facts: Facts, readings: ReadonlyMap<string, TakenReading>): number => {
  const supply = controlSupply(facts);
  const volts = numberRead({ readings }, `supply-volts/${supply}`);
  if (volts === undefined) return 1;
  const share = volts / serviceVoltsOf(facts, supply);
  return share >= SANE_SHARES[0] && share <= SANE_SHARES[1] ? share : 1;
};

/** Volts at the kit, and whether they were read with strips on. */
export interface KitVolts {
  readonly volts: number;
  readonly from: 'loaded' | 'idle' | 'service';
}

/** Volts for strip readings: under load if read, else idle, else nominal. */
export const kitVolts = (context: Pick<StartupContext, 'facts' | 'readings'>, circuit = 0): KitVolts => {
  const loaded = numberRead(context, 'strips/volts');
  if (loaded !== undefined) return { volts: loaded, from: 'loaded' };
  const idle = numberRead(context, `supply-volts/kit-${circuit + 1}`);
  const { serviceVolts } = context.facts.heatKit;
  const isSane = idle !== undefined && idle / serviceVolts >= SANE_SHARES[0] && idle / serviceVolts <= SANE_SHARES[1];
  return isSane ? { volts: idle, from: 'idle' } : { volts: serviceVolts, from: 'service' };
};

/** A context for a job and its readings. A withdrawn tick is history, and its item is open again. */
export const startupContext = (model: JobModel, readings: readonly Reading[], moment: Moment): StartupContext => {
  const { facts } = model;
  const standing = new Map([...observedNow(facts, readings)].filter(([, { value }]) => value !== 'undone'));
  return {
    model,
    facts,
    readings: standing,
    notMeasured: leftUnmeasured(facts, readings),
    moment,
    bench: model.soundAt(supplyShare(facts, standing)),
  };
};
