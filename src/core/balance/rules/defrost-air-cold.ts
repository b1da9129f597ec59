import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { COLD_AIR_F, defrostAirF, defrostBanks } from '../defrost-air';

export const defrostAirCold: Rule<Facts> = {
  id: 'defrost-air-cold',
  why: 'Strips in defrost are there so that nobody feels it. Too few of them blow cool air all the same.',
  check: (facts) => {
    const banks = defrostBanks(facts);
    const airF = defrostAirF(facts, facts.house.heatSetpointF);
    if (banks.length === 0 || airF >= COLD_AIR_F + 5) return [];
    return [
      {
        severity: airF < COLD_AIR_F ? 'warning' : 'advice',
        what: `Defrost blows air of about ${Math.round(airF)} °F: bank ${banks.map(({ bank }) => bank).join(' + ')} gives less than the unit takes from the house.`,
        mend: 'Bring another bank in defrost, where the kit and the transformer allow it, or tell the homeowner what to expect.',
        page: 'balance',
        fact: 'outdoorUnit.stripsInDefrost',
      },
    ];
  },
};
