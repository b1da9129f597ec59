import { type InferType, mixed, object, string } from 'yup';
import { plainText } from '../border/schema';
import { CONTROLLER_ROLES, type ControllerRole } from './controllers';
import { idSchema, uuid } from './id-schema';
import { completeOrigin, originSchema } from './origin-schema';
import { MARK_KINDS, type MarkKind, type SettingMark } from './setting-marks';
import { timeSchema } from './time-schema';

/** A setting mark from outside, validated; {@link completeMark} fills in what an older one lacks. */
export const markSchema = object({
  id: idSchema,
  at: timeSchema.required('must be given'),
  author: plainText(80).required('must say who did it'),
  enteredBy: plainText(80),
  controller: mixed<ControllerRole>()
    .oneOf(CONTROLLER_ROLES, `must be one of ${CONTROLLER_ROLES.join(', ')}`)
    .required('must be given'),
  profile: plainText(60).required('must name the profile'),
  entry: string().typeError('must be text').max(100).required('must name the entry'),
  code: plainText(40).defined('must be text'),
  label: plainText(160).defined('must be text'),
  kind: mixed<MarkKind>()
    .oneOf(Object.keys(MARK_KINDS) as MarkKind[], `must be one of ${Object.keys(MARK_KINDS).join(', ')}`)
    .required('must be given'),
  value: plainText(40).defined('must be text; empty takes the mark back'),
  words: plainText(160).defined('must be text'),
  visit: uuid(),
  origin: originSchema(),
}).noUnknown(({ unknown }) => `contains an unknown field: ${String(unknown).slice(0, 60)}`);

/** A setting mark from outside. */
export type MarkInput = InferType<typeof markSchema>;

/**
 * Fills in what the first record version did not have.
 * @param visit visit of a mark that names none
 */
export const completeMark = (input: MarkInput, visit: string): SettingMark =>
  ({
    enteredBy: '',
    ...input,
    id: input.id.toLowerCase(),
    visit: (input.visit ?? visit).toLowerCase(),
    origin: completeOrigin(input.origin),
  }) as SettingMark;
