import { type EnteredBy, enteredByHeaders } from '@/core/access/entered-by';

let person: EnteredBy | null = null;

/** Records whose page this is: it sends as that person, and the server refuses if someone else is signed in by now. */
export const setActingUser = (by: EnteredBy | null): void => {
  person = by;
};

/** Whose page this is; null if not signed in. */
export const actingUser = (): EnteredBy | null => person;

/** Headers with a request's person. */
export const actingHeaders = (by: EnteredBy | null = person): Record<string, string> =>
  by ? enteredByHeaders(by) : {};
