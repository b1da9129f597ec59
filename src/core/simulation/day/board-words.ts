import { roundTo } from '../../units/round';
import type { BoardMonth } from './board-months';
import type { Magnified } from './magnified';

/** One defrost in a sentence: duration, how it ended, effect on supply air. */
export const boardWords = ({ lastsMin, ended, frostLb, leftLb, coldestSupplyF, outdoorF }: Magnified): string => {
  const minutes = `${Math.floor(lastsMin)} min ${Math.round((lastsMin % 1) * 60)} s`;
  const how =
    ended === 'cap'
      ? `timed out with ${roundTo(leftLb, 2)} lb of frost left`
      : ended !== 'coil'
        ? `cut short when the call ended, ${roundTo(leftLb, 2)} lb of frost left`
        : `terminated on coil temperature, ${roundTo(leftLb, 2)} lb of frost left`;
  return `One defrost at ${roundTo(outdoorF, 0)} °F out: ${minutes}, ${roundTo(frostLb, 2)} lb of frost, ${how}. The register falls to ${roundTo(coldestSupplyF, 0)} °F.`;
};

/** Difference in cost below which months are equal, $. */
const ALIKE = 1;

/** The best board for the month, and why: lowest cost, then least cold air. */
export const boardAdvice = (months: readonly BoardMonth[]): string => {
  const [stands, ...others] = months;
  const boards = others.filter(({ isBoard }) => isBoard);
  const least = Math.min(...boards.map(({ dollars }) => dollars));
  const [best] = boards
    .filter(({ dollars }) => dollars - least < ALIKE)
    .sort((one, other) => one.coldAirMin - other.coldAirMin);
  if (!stands || !best) return '';
  const saves = stands.dollars - best.dollars;
  const alike = boards.filter(({ dollars }) => dollars - best.dollars < ALIKE);
  if (saves < ALIKE && alike.length > 1)
    return `This month ${alike.map(({ label }) => label.toLowerCase()).join(', ')} cost the same within a dollar: choose the one with the least cold air, ${best.label.toLowerCase()}.`;
  return saves < ALIKE
    ? 'The board as set now costs least this month.'
    : `${best.label} saves $${saves.toFixed(2)} this month: ${best.defrosts} defrosts instead of ${stands.defrosts}, ${stands.defrostMin - best.defrostMin} min less in defrost, at ${roundTo(best.mostFrostLb, 1)} lb peak frost.`;
};
