import { array, lazy, mixed, number, object, string } from 'yup';
import { weatherFields } from '../../core/balance/year/weather-schema';
import { bounded, plainText } from '../../core/border/schema';
import { INDOOR_BOUNDS_F, OUTDOOR_BOUNDS_F } from '../../core/control/moment';
import { recordSchema } from '../../core/handover/record-schema';
import { type FactPath, isFactPath } from '../../core/job/document';
import { idSchema } from '../../core/job/id-schema';
import { readingSchema } from '../../core/job/reading-schema';
import { factSchema } from '../../core/job/schema';
import { markSchema } from '../../core/job/setting-mark-schema';
import { timeSchema } from '../../core/job/time-schema';
import { visitSchema } from '../../core/job/visit-schema';
import { profileSchema } from '../../core/setup/profiles/schema';

/** Who did it; may be empty. Strict parsing fills in nothing, so a missing one stays undefined. */
const author = () => plainText(80);

/** One change: a known path, and a valid value. */
const changeSchema = lazy((change: { path?: unknown } | undefined) => {
  const path = change?.path;
  const value = typeof path === 'string' && isFactPath(path) ? factSchema(path) : mixed();
  return object({
    path: mixed((text): text is FactPath => typeof text === 'string' && isFactPath(text))
      .typeError('is not the path of a fact')
      .required('must be given'),
    value,
  })
    .noUnknown(({ unknown }) => `contains an unknown field: ${String(unknown).slice(0, 60)}`)
    .required('must be a change');
});

export const saveSchema = object({
  saveId: idSchema,
  baseRevision: number().integer().min(1).required('must be given'),
  changes: array(changeSchema).max(500).required('must be a list of changes'),
  author: author(),
});

export const createSchema = object({
  id: idSchema,
  from: string()
    .oneOf(['blank', 'sample', 'copy'] as const, 'must be blank, sample or copy')
    .required('must be given'),
  name: plainText(120),
  /** Id of the sample or job to copy. */
  source: plainText(60),
  /** Known facts of a blank job. */
  changes: array(changeSchema).max(50),
  author: author(),
});

export const moveSchema = object({
  action: string()
    .oneOf(
      ['archive', 'restore', 'delete', 'undelete', 'hand-over', 'take-back'] as const,
      'is not something that can be done to a job',
    )
    .required('must be given'),
  author: author(),
  /** For a handover: the weather of its record. */
  outdoorF: bounded(...OUTDOOR_BOUNDS_F, '°F'),
  indoorF: bounded(...INDOOR_BOUNDS_F, '°F'),
  /** The revision that was seen: only that is handed over or archived. */
  revision: number().integer().min(1),
  /** For a handover: the record as shown to the signer. */
  printed: recordSchema.default(undefined),
});

/** Visits that a device began, and its clock when sending. */
const fromDevice = {
  visits: array(visitSchema).max(50, 'must be 50 visits or fewer'),
  sentAt: timeSchema,
};

export const readingsSchema = object({
  readings: array(readingSchema)
    .min(1)
    .max(200, 'must be 200 readings or fewer')
    .required('must be a list of readings'),
  ...fromDevice,
});

export const marksSchema = object({
  marks: array(markSchema).min(1).max(200, 'must be 200 marks or fewer').required('must be a list of marks'),
  ...fromDevice,
});

export const profileSaveSchema = object({
  saveId: idSchema,
  baseRevision: number().integer().min(1).nullable().defined('must be given, or null for a new profile'),
  profile: profileSchema.required('must be given'),
  author: author(),
});

export const weatherSchema = object({ ...weatherFields, author: author() });

/** Removing something from a list, or restoring it. */
export const shelfSchema = object({
  action: string()
    .oneOf(['delete', 'undelete'] as const, 'must be delete or undelete')
    .required('must be given'),
  author: author(),
});

/** One visit, begun or ended. */
export const visitBodySchema = object({ visit: visitSchema.required('must be given') });
