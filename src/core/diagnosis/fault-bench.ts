import type { Cause } from '../causes/cause';
import { wireCauses } from '../causes/wires';
import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { type FaultRow, faultTable } from '../wiring/fault-table';
import type { Bench } from '../wiring/state';

/** Effect of one wiring fault, with confirmation and fix from the catalog. */
export type FaultEffectRow = FaultRow & Pick<Cause, 'confirm' | 'fix'>;

/** Every visible single fault of a harness, with its effect on every call. */
export const faultEffects = (facts: Facts, bench: Bench, moment: Moment): FaultEffectRow[] => {
  const causes = new Map(wireCauses(facts, bench.harness).map((cause) => [cause.id, cause]));
  return faultTable(facts, bench, moment).flatMap((row): FaultEffectRow[] => {
    const cause = causes.get(row.code);
    return cause ? [{ ...row, words: cause.words, confirm: cause.confirm, fix: cause.fix }] : [];
  });
};
