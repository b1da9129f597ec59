import { mixed, number } from 'yup';
import { plainText } from '../../border/schema';
import { idSchema } from '../../job/id-schema';
import { YEAR_HOURS } from './year-hours';

/**
 * A value for each hour, within bounds. Checked in one loop: a schema per value would take a hundred times as long and
 * block other requests.
 */
const hourly = (list: string, figure: string, [min, max]: readonly [number, number]) =>
  mixed((value: unknown): value is number[] => Array.isArray(value))
    .typeError(`must be a list of ${list}`)
    .test({
      name: 'figures',
      test: (hours, context) => {
        const wrong = hours?.findIndex((value) => !(typeof value === 'number' && value >= min && value <= max)) ?? -1;
        if (wrong < 0) return true;
        const path = `${context.path}[${wrong}]`;
        return context.createError({ path, message: `must be ${figure} from ${min} to ${max}` });
      },
    });

/** A year of weather from outside, validated. */
export const weatherFields = {
  id: idSchema,
  name: plainText(80).required('must be given'),
  hoursF: hourly('temperatures', 'a temperature in °F', [-100, 140])
    .test('year', 'must be the 8760 hours of a year', (hours) =>
      (YEAR_HOURS as readonly number[]).includes(hours?.length ?? 0),
    )
    .required('must be a list of temperatures'),
  humidity: hourly('shares', 'a share of 1', [0, 1])
    .test(
      'year',
      'must be as many hours as there are temperatures',
      (hours, { parent }) =>
        hours === null || hours === undefined || hours.length === (parent as { hoursF?: unknown[] }).hoursF?.length,
    )
    .nullable()
    .default(null),
  filled: number().integer().min(0).max(YEAR_HOURS[1]).required('must be given'),
};
