import { boolean, object, string } from 'yup';
import { MOST_NOTE_LETTERS } from '../../core/access/company';
import { newPasswordSchema } from '../../core/access/forms';
import { isRole, type Role } from '../../core/access/role';
import { bounded, plainText } from '../../core/border/schema';
import { idSchema } from '../../core/job/id-schema';

export const demoSchema = object({ crew: plainText(40).required('must be given'), person: idSchema });

export const signOutSchema = object({ everywhere: boolean().required('must be given') });

/** A new password, with the token of its link. */
export const joinSchema = newPasswordSchema.shape({ token: string().max(200).required('must be given') });

/** Maximum lifetime of a homeowner link, days. */
export const MOST_SHARE_DAYS = 730;

export const shareSchema = object({
  days: bounded(1, MOST_SHARE_DAYS, 'days').integer('must be whole').required('must be given'),
});

export const noteSchema = object({ words: plainText(MOST_NOTE_LETTERS).defined('must be text') });

/** Deletion of a crew: typing the crew's handle confirms it. */
export const closeSchema = object({
  action: string()
    .oneOf(['close', 'keep'] as const, 'must be close or keep')
    .required('must be given'),
  handle: plainText(40),
});

export const shareEndSchema = object({ share: idSchema });

export const personChangeSchema = object({
  action: string()
    .oneOf(['role', 'let-go', 'link', 'sign-out', 'forget'] as const, 'is not something that can be done to a person')
    .required('must be given'),
  role: string<Role>().test('role', 'is no role of a crew', (text) => text === undefined || isRole(text)),
});
