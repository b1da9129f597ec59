import { object, string } from 'yup';
import { plainText } from '../border/schema';
import { PASSWORD_LETTERS } from './password';
import { isRole, type Role } from './role';

/** What people type to get in and to let others in: checked while typing, and again by the server. */

/** A password as typed, any content. */
const password = () =>
  string()
    .typeError('must be text')
    .max(PASSWORD_LETTERS.most, `must be at most ${PASSWORD_LETTERS.most} letters`)
    .required('must be given');

const name = (most = 80) =>
  plainText(most)
    .required('must be given')
    .test('some', 'must be given', (text) => (text ?? '').trim() !== '');

/** Signing in with both parts of the sign-in name. */
export const signInSchema = object({ name: name(90), password: password() });

/** The first crew of a server, and its lead. */
export const firstStartSchema = object({ crew: name(), name: name(), password: password() });

/** A new password, by a link. */
export const newPasswordSchema = object({ password: password() });

/** A person invited to a crew. */
export const personSchema = object({
  name: name(),
  role: string<Role>()
    .required('must be given')
    .test('role', 'is no role of a crew', (text) => isRole(text)),
});

/** The handle of a crew, typed to confirm its deletion. */
export const closingSchema = object({ handle: plainText(40).required('must be given') });
