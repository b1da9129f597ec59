import { factApplies } from '../job/applies';
import type { Facts } from '../job/document';
import type { Rule } from '../job/finding';

/** Fossil-fuel kits open at 100 to 125 °F: hotter air at the coil trips the unit on head pressure. Our judgment. */
const MOST_F = 130;

export const supplyLimit: Rule<Facts> = {
  id: 'supply-limit',
  why: 'The supply-air limit keeps the compressor off while the coil is still hot from the furnace: head pressure climbs with the air temperature at the coil.',
  check: (facts) => {
    const { supplyAirLimitF } = facts.furnace;
    if (!factApplies(facts, 'furnace.supplyAirLimitF') || supplyAirLimitF <= MOST_F) return [];
    return [
      {
        severity: 'error',
        what: `The supply-air limit opens Y only above ${supplyAirLimitF} °F: the compressor would start into air that hot.`,
        fix: 'Fossil-fuel kits are set near 100 to 125 °F, per their instructions. Recheck the setting.',
        page: 'survey',
        fact: 'furnace.supplyAirLimitF',
      },
    ];
  },
};
