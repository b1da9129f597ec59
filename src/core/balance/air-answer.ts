import { roundTo } from '../units/round';
import type { SupplyState } from './supply-states';

const degrees = (atF: number): string => `${roundTo(atF, 0)} °F`;

/** A state's label with a lowercase first letter, for use in a sentence. */
const within = (label: string): string => label.charAt(0).toLowerCase() + label.slice(1);

/**
 * The answer on the Supply air page: register temperature with the heat pump alone, the warmest and the coldest that
 * the house gets, °F, and whether the warmest exceeds the limit on the label.
 * @param limitF maximum supply air on the indoor unit's label, °F; null if unknown
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
