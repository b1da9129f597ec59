import { type EnteredBy, enteredByHeaders } from '@/core/access/entered-by';

let person: EnteredBy | null = null;

/** Says whose page this is: what it sends is his, and the server refuses it where someone else is signed in by now. */
export const setActingUser = (by: EnteredBy | null): void => {
  person = by;
};

/** Whose page this is; null where no one is signed in. */
export const actingUser = (): EnteredBy | null => person;

/** The headers that say whose a request is. */
export const actingHeaders = (by: EnteredBy | null = person): Record<string, string> =>
  by ? enteredByHeaders(by) : {};
