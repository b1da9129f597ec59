import type { Cause } from '../../causes/cause';
import type { Facts } from '../../job/document';
import type { Harness } from '../../wiring/harness';
import type { Probe } from '../probe';
import { looks } from './looks';
import { readings } from './readings';
import { sweeps } from './sweeps';
import { terminals } from './terminals';

/** All probes of a system, each once. */
export const probesOf = (facts: Facts, harness: Harness, causes: readonly Cause[]): readonly Probe[] => {
  const all = [...looks(facts, causes), ...terminals(facts, harness), ...sweeps(facts, harness), ...readings(facts)];
  return [...new Map(all.map((probe) => [probe.id, probe])).values()];
};
