import { DateText } from '../kit/date-text';

/** Above everything, while a crew is to be deleted: when, and who can keep it. */
export const CrewEnds = ({ at }: { at: string | null }) =>
  at === null ? null : (
    <p role="alert" className="mx-auto max-w-6xl bg-fail-wash px-3 py-2 font-medium sm:px-6">
      This crew and all its jobs will be deleted on <DateText at={at} only="day" />. A crew lead can cancel on the Crew
      page.
    </p>
  );
