import { roundTo } from '../units/round';
import type { SupplyState } from './supply-states';

const degrees = (atF: number): string => `${roundTo(atF, 0)} °F`;

/** The first letter of a state's label as it stands within a sentence. */
const within = (label: string): string => label.charAt(0).toLowerCase() + label.slice(1);

/**
 * What the Supply air page answers: the air at the register from the heat pump alone, the warmest and the coldest that
 * the house gets, °F, and whether the warmest is over the label's limit.
 * @param limitF hottest supply air that the indoor unit's label allows, °F; null where it is not known
 */
export const airAnswer = (states: readonly SupplyState[], limitF: number | null): string => {
  const [first, ...others] = [...states].sort((one, other) => other.supplyF - one.supplyF);
  if (!first) return 'Nothing may heat at this temperature.';
  const plain = states.find(({ id }) => id === 'heat-pump');
  const coldest = others.at(-1);
  const parts = [
    ...(plain && plain !== first ? [`${degrees(plain.supplyF)} with the heat pump alone`] : []),
    `up to ${degrees(first.supplyF)} with ${within(first.label)}`,
    ...(coldest && coldest !== plain ? [`down to ${degrees(coldest.supplyF)} with ${within(coldest.label)}`] : []),
  ];
  const over =
    limitF !== null && first.supplyF > limitF ? ` That is over the label’s ${degrees(limitF)}: add airflow.` : '';
  return `${parts.join('; ')}.${over}`.replace('with defrost', 'in defrost').replace(/^up/, 'Up');
};
