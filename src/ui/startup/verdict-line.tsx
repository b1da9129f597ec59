import Link from 'next/link';
import { decimalSlip } from '@/core/startup/decimal-slip';
import type { Item, Verdict } from '@/core/startup/step';
import { unitSlip } from '@/core/startup/unit-slip';
import { isDegreeUnit } from '@/core/units/degrees';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { GradeMark } from '../findings/grade-mark';
import { useJob } from '../job/provider';
import { jobQuery } from '../job/query';

const WASH = { fail: 'bg-fail-wash px-2 py-1', warn: 'bg-warn-wash px-2 py-1', pass: '', noted: '' } as const;

/** From a failed reading to its cause; the visit's readings are used there. */
const TroubleLink = () => {
  const id = useJob((job) => job.saved.id);
  const query = useJob(jobQuery);
  return (
    <Link
      href={`/jobs/${id}/diagnose?${query}`}
      prefetch={false}
      className="no-print flex min-h-11 items-center text-sm text-link"
    >
      Find the cause
    </Link>
  );
};

/** Meaning of a reading, and what to do if something is wrong. Announced when it changes. */
export const VerdictLine = ({ verdict }: { verdict: Verdict | undefined }) => (
  <div role="status">
    {verdict && (
      <p className={`mt-2 flex flex-wrap items-baseline gap-x-2 ${WASH[verdict.grade]}`}>
        <GradeMark grade={verdict.grade} hasWord size={18} />
        <span className="min-w-0 flex-1">
          <LocalizedDegrees>{verdict.means}</LocalizedDegrees>
        </span>
        {verdict.next && (
          <span className="basis-full text-sm">
            <b>Next:</b> <LocalizedDegrees>{verdict.next}</LocalizedDegrees>
          </span>
        )}
        {verdict.grade === 'fail' && <TroubleLink />}
      </p>
    )}
  </div>
);

interface SlipLineProps {
  readonly item: Item;
  /** Present value, in the item's own unit. */
  readonly typed: number;
  readonly place: string | null;
  readonly onTake: (value: number) => void;
}

/** A number that was probably meant, to use with a tap: a slipped decimal point, or another unit. */
export const SlipLine = ({ item, typed, place, onTake }: SlipLineProps) => {
  const { scale } = useDegrees();
  const { unit } = item;
  // A number typed in °C does not slip by a factor of ten in °F, and is not another unit.
  if (scale === 'C' && isDegreeUnit(unit)) return null;
  const point = decimalSlip(item, typed, place);
  const other = point === null ? unitSlip(item, typed, place) : null;
  const meant = point ?? other?.value ?? null;
  return meant === null ? null : (
    <p className="mt-1 flex flex-wrap items-center gap-x-2 text-sm">
      {typed} {unit} is way off. {other ? `Was it in ${other.unit}?` : 'Did you slip a decimal point?'}
      <button type="button" className="plain-button font-mono" onClick={() => onTake(meant)}>
        {meant} {unit}
      </button>
    </p>
  );
};
