import { FailedTask } from '../../kit/failed-task';
import { Progress } from '../../kit/progress';
import type { useHourly } from './use-hourly';
import type { useMinutes } from './use-minutes';

/** Status of a year's calculation: progress, failed, or canceled, with a button to continue. */
export const YearTask = ({ work }: { work: ReturnType<typeof useHourly> | ReturnType<typeof useMinutes> }) => (
  <>
    {work.share !== null && <Progress label="Calculating the year" share={work.share} onCancel={work.cancel} />}
    {work.hasFailed && (
      <FailedTask
        words="The year could not be calculated. These figures are by bins or from the last run."
        onAgain={work.again}
      />
    )}
    {work.isCanceled && !work.isWhole && (
      <p className="text-sm">
        Canceled. These figures are by bins, from the last run, or for twelve days only.{' '}
        <button type="button" className="bare-button px-1 text-link" onClick={work.again}>
          Calculate
        </button>
      </p>
    )}
  </>
);
