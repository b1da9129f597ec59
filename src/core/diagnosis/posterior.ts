import { COMPLAINTS } from './complaints';
import { type Answer, likelihood, MISREAD } from './outcome';
import type { Probe } from './probe';
import type { Table } from './table';

/** One observation of a visit. */
export interface Evidence {
  readonly probe: Probe;
  readonly answer: Answer;
}

const normalized = (weights: Float64Array): Float64Array => {
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => weight / sum);
};

/**
 * Probability of each cause after a complaint and the observations: Bayes over single causes. No cause is ever ruled
 * out for good, since one reading in fifty is a misread.
 * @param complaint its id; null: none, or unknown
 * @param misread share of readings that are misread
 */
export const posterior = (
  table: Table,
  complaint: string | null,
  evidence: readonly Evidence[],
  misread = MISREAD,
): Float64Array => {
  const at = COMPLAINTS.findIndex(({ id }) => id === complaint);
  const shares = at < 0 ? null : table.complaints();
  // In logarithms: the product of many readings would underflow.
  const logs = Float64Array.from(table.causes, ({ weight }, cause) =>
    Math.log(weight * (shares === null ? 1 : shares[cause]![at]!)),
  );
  for (const { probe, answer } of evidence) {
    const { readings, of } = table.row(probe);
    const logLikelihoods = readings.map((reading) => Math.log(likelihood(probe, reading, answer, misread)));
    for (let cause = 0; cause < logs.length; cause++) logs[cause]! += logLikelihoods[of[cause]!]!;
  }
  const most = Math.max(...logs);
  return normalized(logs.map((log) => Math.exp(log - most)));
};
