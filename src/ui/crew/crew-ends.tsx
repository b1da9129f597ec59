import { DateText } from '../kit/date-text';

/** Banner while a crew is scheduled for deletion: when, and who can cancel it. */
export const CrewEnds = ({ at }: { at: string | null }) =>
  at === null ? null : (
    <p role="alert" className="mx-auto max-w-6xl bg-fail-wash px-3 py-2 font-medium sm:px-6">
      This crew and all its jobs will be deleted on <DateText at={at} only="day" />. A crew lead can cancel on the Crew
      page.
    </p>
  );
