import { array, number } from 'yup';
import { bounded, plainText } from '../../border/schema';
import { YEAR_HOURS } from '../../formats/weather/weather-read';
import { idSchema } from '../../job/id-schema';

/** A year of weather as it comes through the border. */
export const weatherFields = {
  id: idSchema,
  name: plainText(80).required('must be given'),
  hoursF: array(bounded(-100, 140, '°F').required('must be a temperature'))
    .test('year', 'must be the 8760 hours of a year', (hours) =>
      (YEAR_HOURS as readonly number[]).includes(hours?.length ?? 0),
    )
    .required('must be a list of temperatures'),
  humidity: array(bounded(0, 1, '').required('must be a share of 1'))
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
