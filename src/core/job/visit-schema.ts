import { mixed, object } from 'yup';
import { plainText } from '../border/schema';
import { idSchema } from './id-schema';
import { timeSchema } from './time-schema';
import { type Visit, VISIT_REASONS, type VisitReason } from './visit';

const REASONS = Object.keys(VISIT_REASONS) as VisitReason[];

/** A visit from outside, validated. */
export const visitSchema = object({
  id: idSchema,
  reason: mixed<VisitReason>()
    .oneOf(REASONS, `must be one of ${REASONS.join(', ')}`)
    .required('must be given'),
  began: timeSchema.required('must be given'),
  ended: timeSchema.nullable().defined('must be a time, or null'),
  author: plainText(80).defined('must be text'),
})
  .noUnknown(({ unknown }) => `contains an unknown field: ${String(unknown).slice(0, 60)}`)
  .test('ends', 'ends before it began', ({ began, ended }) => !ended || Date.parse(ended) >= Date.parse(began));

/** A visit from outside, with its id in lower case. */
export const completeVisit = (visit: Visit): Visit => ({ ...visit, id: visit.id.toLowerCase() });
