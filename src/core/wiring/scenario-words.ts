import { conditionsOf } from '../control/conditions';
import type { Scenario } from '../control/scenario';
import type { Facts } from '../job/document';
import { faultsByCode } from './fault';
import type { Harness } from './harness';

/** The simulation on a system in words; empty if none applies. */
export const scenarioWords = (facts: Facts, harness: Harness, { conditions, faults }: Scenario): string =>
  [
    ...conditionsOf(facts)
      .filter(({ id }) => conditions.includes(id))
      .map(({ label }) => label),
    ...faultsByCode(harness, faults).map(({ words }) => words),
  ].join('; ');
