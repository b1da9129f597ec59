import type { Facts } from '../../job/document';
import type { Finding, Rule } from '../../job/finding';
import { zoneAir } from '../zone-air';

type Found = Omit<Finding, 'rule' | 'why'>;

/** Without a label’s limit: above it limits of most kits open, °F. Our judgement. */
const USUAL_LIMIT_F = 140;
/** Share of the cooling air below which a coil freezes in cooling. Our judgement. */
const LEAST_COOL_SHARE = 0.6;

const HOLD =
  'Hold the strips until two zones call, or let the first bank alone come; else more air to the smallest zone.';

const stripFindings = (facts: Facts): Found[] => {
  const air = zoneAir(facts, facts.house.heatSetpointF);
  if (air === null || air.kW === 0) return [];
  const limitF = facts.airHandler.maxSupplyF;
  const kW = air.kW.toFixed(1);
  const about = { severity: 'error', page: 'balance', mend: HOLD, fact: 'zones.smallestCfm' } as const;
  if (air.supplyF > (limitF ?? USUAL_LIMIT_F))
    return [
      {
        ...about,
        aspect: 'hot',
        what: `The smallest zone alone has ${air.cfm} CFM: ${kW} kW of strips make ${Math.round(air.supplyF)} °F of it; ${limitF === null ? `limits open at about ${USUAL_LIMIT_F} °F` : `the label allows ${limitF} °F`}.`,
      },
    ];
  if (air.cfm < air.leastCfm)
    return [
      {
        ...about,
        aspect: 'least',
        what: `The smallest zone alone has ${air.cfm} CFM; ${kW} kW of strips need at least ${Math.ceil(air.leastCfm)} CFM.`,
      },
    ];
  return [];
};

const coilFindings = ({ zones, airHandler }: Facts): Found[] => {
  const { smallestCfm: cfm } = zones;
  if (cfm === null || cfm >= LEAST_COOL_SHARE * airHandler.coolCfm) return [];
  return [
    {
      severity: 'warning',
      aspect: 'coil',
      what: `The smallest zone alone has ${cfm} CFM, ${Math.round((100 * cfm) / airHandler.coolCfm)} % of the cooling air: the coil freezes in cooling, and in heating the pressure climbs.`,
      mend: 'Larger zones, a low stage while one zone calls, a bypass that is set, or a coil-freeze and a high-pressure cut-out that are proved.',
      page: 'balance',
      fact: 'zones.smallestCfm',
    },
  ];
};

export const zoneHasAir: Rule<Facts> = {
  id: 'zone-has-air',
  why: 'Strips and coil do not know that dampers have closed: one small zone has to take what they give.',
  check: (facts) => [...stripFindings(facts), ...coilFindings(facts)],
};
