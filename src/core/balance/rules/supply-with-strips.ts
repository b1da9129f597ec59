import { lockoutsInForce } from '../../control/lockouts';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { jobBalance } from '../from-job';
import { supplyStates } from '../supply-states';

/** Without a lockout, recovery calls strips at this temperature too, °F. Our judgment. */
const MILD_F = 47;

export const supplyWithStrips: Rule<Facts> = {
  id: 'supply-with-strips',
  why: 'Strips sit downstream of the coil: the air that reaches them is already warm, and the limit sees both.',
  check: (facts) => {
    const { maxSupplyF } = facts.airHandler;
    if (maxSupplyF === null) return [];
    const most = (outdoorF: number) =>
      Math.max(
        ...supplyStates(facts, outdoorF, facts.house.heatSetpointF)
          .filter(({ id }) => id.startsWith('with-'))
          .map(({ supplyF }) => supplyF),
      );
    const auxToF = Math.min(lockoutsInForce(facts).auxAboveF ?? MILD_F, MILD_F);
    const balanceF = jobBalance(facts).thermalBalanceF;
    const steadyF = balanceF === null ? null : Math.min(balanceF, auxToF);
    const [atF, supplyF] =
      steadyF !== null && most(steadyF) > maxSupplyF ? [steadyF, most(steadyF)] : [auxToF, most(auxToF)];
    if (supplyF <= maxSupplyF) return [];
    return [
      {
        severity: atF === steadyF ? 'error' : 'warning',
        what: `Heat pump and strips together at ${Math.round(atF)} °F out make ${Math.round(supplyF)} °F; the label allows ${maxSupplyF} °F.`,
        fix: 'More airflow with strips, fewer banks with the heat pump, or a lower auxiliary lockout.',
        page: 'strips',
        fact: 'airHandler.auxCfm',
        aspect: 'with the heat pump',
      },
    ];
  },
};
