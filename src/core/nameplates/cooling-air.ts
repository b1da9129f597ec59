import type { Facts } from '../job/document';
import type { Rule } from '../job/finding';
import { ratedTons } from '../job/rated-tons';

/** Cooling airflow per ton, CFM; values outside are questioned. Our judgment, around the usual 350 to 450. */
const USUAL = { least: 300, most: 525 } as const;
/** Below this a coil ices and liquid floods back to the compressor. Our judgment. */
const ICES_BELOW = 250;

export const coolingAir: Rule<Facts> = {
  id: 'cooling-air',
  why: 'With too little air a cooling coil ices and liquid refrigerant reaches the compressor; with too much, water blows off the coil.',
  check: (facts) => {
    const { coolCfm } = facts.airHandler;
    const tons = ratedTons(facts);
    const perTon = coolCfm / tons;
    if (perTon >= USUAL.least && perTon <= USUAL.most) return [];
    return [
      {
        severity: perTon < ICES_BELOW ? 'error' : 'warning',
        what: `Cooling airflow of ${coolCfm} CFM is ${Math.round(perTon)} CFM a ton, on ${tons.toFixed(1)} tons.`,
        fix: `350 to 450 CFM a ton is usual; the manufacturer’s table decides. Set the blower for cooling ${perTon < USUAL.least ? 'higher' : 'lower'}, or correct the airflow or the rating points.`,
        page: 'survey',
        fact: 'airHandler.coolCfm',
      },
    ];
  },
};
