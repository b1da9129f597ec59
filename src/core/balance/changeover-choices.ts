import { lockoutsInForce } from '../control/lockouts';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import type { FindingChoice } from '../job/finding';
import { BTU_PER_KWH, FUEL_BTU_PER_UNIT } from '../units/constants';
import { balanceInput, jobBalance } from './from-job';
import { copAt, ratedSpanF } from './heat-pump';

/** A changeover this close to a balance point counts as set to it, °F. Our judgment. */
export const NEAR_BALANCE_F = 2;

/** Allowed lockout settings for a changeover, °F. */
const SETTABLE_F = [-20, 60] as const;

/** Dollars per million Btu from heat pump and furnace at an outdoor temperature, °F. */
const costPerMillionBtu = (facts: Facts, outdoorF: number): { readonly heatPump: number; readonly furnace: number } => {
  const { prices, furnace } = facts;
  return {
    heatPump: (1e6 * prices.electricPerKWh) / (copAt(balanceInput(facts).heatPump, outdoorF) * BTU_PER_KWH),
    furnace: (1e6 * prices.fuelPerUnit) / (FUEL_BTU_PER_UNIT[furnace.fuel] * furnace.efficiency),
  };
};

/** Whether a dual-fuel job's changeover leaves a range where the heat pump alone falls short. */
export const isChangeoverBelowBalance = (facts: Facts): boolean => {
  const { thermalBalanceF } = jobBalance(facts);
  const { compressorBelowF } = lockoutsInForce(facts);
  return (
    backupOf(facts) === 'fossil' &&
    thermalBalanceF !== null &&
    compressorBelowF !== null &&
    compressorBelowF <= thermalBalanceF - NEAR_BALANCE_F
  );
};

/** Whether a job's economic balance point is colder than every rating point. If so, do not set a changeover by it. */
export const isEconomicExtrapolated = (facts: Facts): boolean => {
  const { economicBalanceF } = jobBalance(facts);
  return typeof economicBalanceF === 'number' && economicBalanceF < ratedSpanF(balanceInput(facts).heatPump)[0];
};

/**
 * Changeovers to choose from on a dual-fuel job, each with its cost: the thermal balance point holds the room, the
 * economic one is cheapest. Leaves out the present setting, settings out of range, and points beyond the rating data.
 */
export const changeoverChoices = (facts: Facts): readonly FindingChoice[] => {
  const { thermalBalanceF, economicBalanceF } = jobBalance(facts);
  const { compressorBelowF } = lockoutsInForce(facts);
  const dollars = (outdoorF: number) => {
    const { heatPump, furnace } = costPerMillionBtu(facts, outdoorF);
    return `At ${Math.round(outdoorF)} °F a million Btu costs $${heatPump.toFixed(2)} by heat pump, $${furnace.toFixed(2)} by furnace.`;
  };
  const choice = (name: string, gain: string, atF: number, cost: string): FindingChoice[] =>
    atF < SETTABLE_F[0] || atF > SETTABLE_F[1] || atF === compressorBelowF
      ? []
      : [
          {
            label: `${name}, ${atF} °F (${gain})`,
            cost,
            changes: [{ path: 'gates.compressorBelowF', value: atF }],
          },
        ];
  const economicF = typeof economicBalanceF === 'number' ? Math.round(economicBalanceF) : null;
  const thermalF = thermalBalanceF === null ? null : Math.ceil(thermalBalanceF);
  const middleF = economicF !== null && thermalF !== null ? (economicF + thermalF) / 2 : null;
  return [
    ...(thermalF === null
      ? []
      : choice('Thermal balance point', 'holds the room', thermalF, middleF === null ? '' : dollars(middleF))),
    ...(economicF === null || isEconomicExtrapolated(facts)
      ? []
      : choice(
          'Economic balance point',
          'cheapest',
          economicF,
          thermalF !== null && economicF < thermalF
            ? `The room runs cool at times from ${economicF} to ${thermalF} °F.`
            : 'Both sources cost the same there.',
        )),
  ];
};

/** Why no changeover to the economic balance point is offered; empty if one may be. */
export const extrapolatedWords = (facts: Facts): string =>
  isEconomicExtrapolated(facts)
    ? ' The economic balance point is colder than any rating point: add a colder point before you set a changeover by it.'
    : '';
