import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { roundTo } from '../units/round';
import type { Balance } from './balance';
import { jobLoad } from './evidence';
import { jobBalance, jobLockouts } from './from-job';
import { atMoment } from './year/at-moment';

const degrees = (atF: number): string => `${roundTo(atF, 0)} °F`;

/** The balance point in words. */
const balancePoint = ({ thermalBalanceF }: Balance, hasBackup: boolean, takesOver: string): string => {
  if (thermalBalanceF === null) return 'No balance point: the heat pump alone carries the house at every temperature';
  const below = hasBackup ? `below it ${takesOver}` : 'below it nothing makes up the rest';
  return `Balance point ${degrees(thermalBalanceF)}: above it the heat pump alone carries the house, ${below}`;
};

/** Gaps and shortfalls come first: they leave the house cold. */
const troubleAt = ({ gapsF, shortfallsF }: Balance, designF: number): string | null => {
  const [gap] = gapsF;
  if (gap) return `Gap from ${degrees(gap[0])} to ${degrees(gap[1])}: no heat source is allowed to run`;
  const [short] = shortfallsF;
  return short ? `All heat together falls short from ${degrees(designF)} to ${degrees(short[1])}` : null;
};

/**
 * The answer on the Balance page: the balance point, what heats below it, the lockouts, and the cost of an hour at one
 * outdoor temperature.
 * @param outdoorF outdoor temperature for the cost, °F
 */
export const balanceAnswer = (facts: Facts, outdoorF: number): string => {
  const found = jobBalance(facts);
  const isFuel = backupOf(facts) === 'fossil';
  const { compressorBelowF, auxAboveF, banksCloseBelowF } = jobLockouts(facts);
  const hasBackup = isFuel || banksCloseBelowF.length > 0;
  const takesOver = isFuel ? 'the furnace is needed' : 'strips make up the rest';
  const economic =
    typeof found.economicBalanceF === 'number'
      ? `Economic balance point ${degrees(found.economicBalanceF)}: below it the furnace is cheaper`
      : found.economicBalanceF === 'always'
        ? 'The heat pump is cheaper at every temperature'
        : found.economicBalanceF === 'never'
          ? 'The furnace is cheaper at every temperature'
          : null;
  const lockouts = [
    ...(typeof compressorBelowF === 'number' ? [`compressor below ${degrees(compressorBelowF)}`] : []),
    ...(hasBackup && typeof auxAboveF === 'number'
      ? [`${isFuel ? 'furnace' : 'strips'} above ${degrees(auxAboveF)}`]
      : []),
  ];
  const sentences = [
    troubleAt(found, jobLoad(facts).load.designOutdoorF),
    balancePoint(found, hasBackup, takesOver),
    economic,
    lockouts.length > 0 ? `Locked out: ${lockouts.join(', ')}` : 'No lockout is set',
    `At ${degrees(outdoorF)} heating costs $${atMoment(facts, outdoorF).costPerHour.toFixed(2)} per hour`,
  ];
  return `${sentences.filter((each) => each !== null).join('. ')}.`;
};
