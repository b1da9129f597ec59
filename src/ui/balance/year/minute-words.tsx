import type { MinuteReason } from '@/core/simulation/year/minute-reasons';
import type { MinutePlan } from '@/core/simulation/year/minute-ways';
import { LocalizedDegrees } from '../../degrees/degrees';

const dollars = (value: number) => `$${Math.round(Math.abs(value)).toLocaleString('en-US')}`;

interface MinuteWordsProps {
  readonly stands: MinutePlan;
  /** Cost of the same year by bins, $. */
  readonly byBins: number | null;
  readonly reasons: readonly MinuteReason[];
  readonly isWhole: boolean;
}

/** Difference between a year by the minute and by bins, and its reasons. */
export const MinuteWords = ({ stands, byBins, reasons, isWhole }: MinuteWordsProps) => {
  const { year, minutes } = stands;
  return (
    <div className="mt-3 border-l-4 border-ink pl-3">
      <p>
        {isWhole ? 'All 525,600 minutes' : 'Twelve typical days, one per month; still calculating the rest'}:{' '}
        {dollars(year.cost)}
        {byBins !== null && `, ${dollars(byBins)} by bins`}. {minutes.defrosts.toLocaleString('en-US')} defrosts,{' '}
        {Math.round(year.starts).toLocaleString('en-US')} starts
        {minutes.demandCost !== null && `, plus ${dollars(minutes.demandCost)} demand charge`}.
      </p>
      {reasons.length > 0 && (
        <>
          <p className="mt-1">What the minute-by-minute run adds to the bin method, over the twelve days:</p>
          <ul className="list-disc pl-5">
            {reasons.map(({ id, label, dollars: made }) => (
              <li key={id}>
                <LocalizedDegrees>{`${made > 0 ? 'costs' : 'saves'} ${dollars(made)}: ${label}`}</LocalizedDegrees>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
};
