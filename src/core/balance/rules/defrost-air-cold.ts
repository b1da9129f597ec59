import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { COLD_AIR_F, defrostAirF, defrostBanks } from '../defrost-air';

export const defrostAirCold: Rule<Facts> = {
  id: 'defrost-air-cold',
  why: 'Strips run in defrost so no one feels cold air. With too few of them the air is still cool.',
  check: (facts) => {
    const banks = defrostBanks(facts);
    const airF = defrostAirF(facts, facts.house.heatSetpointF);
    if (banks.length === 0 || airF >= COLD_AIR_F + 5) return [];
    return [
      {
        severity: airF < COLD_AIR_F ? 'warning' : 'advice',
        what: `Defrost blows air of about ${Math.round(airF)} °F: bank ${banks.map(({ bank }) => bank).join(' + ')} gives less than the unit takes from the house.`,
        fix: 'Turn on another bank in defrost, if the kit and the transformer allow it, or tell the homeowner what to expect.',
        page: 'balance',
        fact: 'outdoorUnit.stripsInDefrost',
      },
    ];
  },
};
