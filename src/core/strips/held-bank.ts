import { reachableBanks } from '../devices/air-handler';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { type Bank, jobBanks } from './from-job';

/** The bank that a relay holds while the compressor is called; null where there is none, or none that it could hold. */
export const interlockedBank = (facts: Facts): number | null => {
  const { heldBank: bank } = facts.boxes;
  const [first, ...others] = backupOf(facts) === 'strips' ? reachableBanks(facts) : [];
  return bank !== null && bank !== first && others.includes(bank) ? bank : null;
};

/** The banks that may run with the compressor, bank 1 first. */
export const banksWithCompressor = (facts: Facts): readonly Bank[] => {
  const held = interlockedBank(facts);
  return jobBanks(facts).filter(({ bank }) => bank !== held);
};
