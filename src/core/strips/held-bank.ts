import { reachableBanks } from '../devices/air-handler';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { type Bank, jobBanks } from './from-job';

/** The bank that a relay locks out while the compressor is called; null if none. */
export const interlockedBank = (facts: Facts): number | null => {
  const { heldBank: bank } = facts.boxes;
  const [first, ...others] = backupOf(facts) === 'strips' ? reachableBanks(facts) : [];
  return bank !== null && bank !== first && others.includes(bank) ? bank : null;
};

/** Banks that may run with the compressor, bank 1 first. */
export const banksWithCompressor = (facts: Facts): readonly Bank[] => {
  const held = interlockedBank(facts);
  return jobBanks(facts).filter(({ bank }) => bank !== held);
};
