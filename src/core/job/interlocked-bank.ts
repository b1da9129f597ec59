import { backupOf } from './backup';
import { type Bank, jobBanks, reachableBanks } from './banks';
import type { Facts } from './document';

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
