import type { Facts } from '../../job/document';
import type { HouseLoad } from '../load';
import { bill } from './bill';
import type { Estimate, Evidence } from './evidence';
import { floorArea } from './floor-area';
import { heatLoss } from './heat-loss';
import { runTime } from './run-time';

/** Every way of knowing the load. */
const EVIDENCE: readonly Evidence[] = [heatLoss, runTime, bill, floorArea];

/** One way of knowing the load, weighed on a job. */
export interface Weighed {
  readonly evidence: Evidence;
  readonly estimate: Estimate;
  /** Place among those that are known, by the width of their band: 1 is trusted most. Null: not known. */
  readonly trust: number | null;
  readonly isTaken: boolean;
}

/** Every way of knowing a job's load, with what it gives and how far it is trusted. */
export const weighEvidence = (facts: Facts): readonly Weighed[] => {
  const all = EVIDENCE.map((evidence) => ({ evidence, estimate: evidence.estimate(facts) }));
  const widths = all
    .flatMap(({ estimate }) => (estimate.kind === 'known' ? [estimate.uncertainty] : []))
    .sort((a, b) => a - b);
  return all.map(({ evidence, estimate }) => ({
    evidence,
    estimate,
    trust: estimate.kind === 'known' ? widths.indexOf(estimate.uncertainty) + 1 : null,
    isTaken: evidence.id === facts.load.from,
  }));
};

/** A job's load line, and the band round it, Btu/h at design. */
export interface JobLoad {
  readonly load: HouseLoad;
  readonly lowBtuh: number;
  readonly highBtuh: number;
  readonly uncertainty: number;
}

/** The load of a job by the evidence that was chosen; the heat-loss figure where that is not complete. */
export const jobLoad = (facts: Facts): JobLoad => {
  const chosen = EVIDENCE.find(({ id }) => id === facts.load.from)!.estimate(facts);
  const { designBtuh, uncertainty } =
    chosen.kind === 'known' ? chosen : (heatLoss.estimate(facts) as Extract<Estimate, { kind: 'known' }>);
  const { designOutdoorF, noLoadF } = facts.house;
  return {
    load: { designOutdoorF, designBtuh, noLoadF },
    lowBtuh: designBtuh * (1 - uncertainty),
    highBtuh: designBtuh * (1 + uncertainty),
    uncertainty,
  };
};
