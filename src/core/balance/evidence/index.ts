import type { Facts } from '../../job/document';
import type { HouseLoad } from '../load';
import { bill } from './bill';
import type { Estimate, Evidence } from './evidence';
import { floorArea } from './floor-area';
import { heatLoss } from './heat-loss';
import { runTime } from './run-time';

/** Every kind of load evidence. */
const EVIDENCE: readonly Evidence[] = [heatLoss, runTime, bill, floorArea];

/** One kind of load evidence, rated for a job. */
export interface Weighed {
  readonly evidence: Evidence;
  readonly estimate: Estimate;
  /** Rank by band width among those known: 1 is the most reliable. Null: not known. */
  readonly trust: number | null;
  readonly isTaken: boolean;
}

/** Every kind of evidence for a job's load, with its result and rank. */
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

/** A job's load line with its band, Btu/h at design. */
export interface JobLoad {
  readonly load: HouseLoad;
  readonly lowBtuh: number;
  readonly highBtuh: number;
  readonly uncertainty: number;
}

/** A job's load from the chosen evidence; the heat-loss figure if that is incomplete. */
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
