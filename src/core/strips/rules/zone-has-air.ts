import type { Facts } from '../../job/document';
import type { Finding, Rule } from '../../job/finding';
import { zoneAir } from '../zone-air';

type Found = Omit<Finding, 'rule' | 'why'>;

/** Without a label’s limit: most kit limits open above it, °F. Our judgment. */
const USUAL_LIMIT_F = 140;
/** Share of cooling airflow below which a coil freezes. Our judgment. */
const LEAST_COOL_SHARE = 0.6;

const HOLD = 'Lock out strips until two zones call, allow bank 1 only, or get more air to the smallest zone.';

const stripFindings = (facts: Facts): Found[] => {
  const air = zoneAir(facts, facts.house.heatSetpointF);
  if (air === null || air.kW === 0) return [];
  const limitF = facts.airHandler.maxSupplyF;
  const kW = air.kW.toFixed(1);
  const about = { severity: 'error', page: 'balance', fix: HOLD, fact: 'zones.smallestCfm' } as const;
  if (air.supplyF > (limitF ?? USUAL_LIMIT_F))
    return [
      {
        ...about,
        aspect: 'hot',
        what: `The smallest zone alone gets ${air.cfm} CFM: ${kW} kW of strips heat it to ${Math.round(air.supplyF)} °F; ${limitF === null ? `limits open at about ${USUAL_LIMIT_F} °F` : `the label allows ${limitF} °F`}.`,
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
      what: `The smallest zone alone gets ${cfm} CFM, ${Math.round((100 * cfm) / airHandler.coolCfm)} % of cooling airflow: the coil freezes in cooling and head pressure climbs in heating.`,
      fix: 'Make zones larger, use low stage with one zone calling, set a bypass, or confirm freeze and high-pressure cutouts work.',
      page: 'balance',
      fact: 'zones.smallestCfm',
    },
  ];
};

export const zoneHasAir: Rule<Facts> = {
  id: 'zone-has-air',
  why: 'Strips and coil do not know dampers have closed: one small zone takes everything they put out.',
  check: (facts) => [...stripFindings(facts), ...coilFindings(facts)],
};
