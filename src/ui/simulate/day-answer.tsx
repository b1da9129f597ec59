import type { Facts } from '@/core/job/document';
import { dayHeadline } from '@/core/simulation/day/day-headline';
import type { SimulatedDay } from '@/core/simulation/day/simulated-days';
import { LocalizedDegrees } from '../degrees/degrees';

const counted = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`;

/** The answer of a day: whether it held the room, its cost, starts and defrosts. */
export const DayAnswer = ({ day, facts }: { day: SimulatedDay; facts: Facts }) => {
  const { isHeld, sentence } = dayHeadline(day, facts);
  const { cost, starts, defrosts } = day.summary;
  return (
    <p className={`border-l-4 pl-3 text-lg font-medium ${isHeld ? 'border-pass' : 'border-fail text-fail'}`}>
      <LocalizedDegrees>{sentence}</LocalizedDegrees>{' '}
      <span className="text-base font-normal text-ink">
        ${cost.total.toFixed(2)}, {counted(starts, 'start')}, {counted(defrosts, 'defrost')}.
      </span>
    </p>
  );
};
