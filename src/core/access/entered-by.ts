/** Headers in which a device says whose what it sends is: the person who entered it, and his crew. */
export const PERSON_HEADER = 'x-entered-by';
export const CREW_HEADER = 'x-entered-in';

/** Who entered something on a device. */
export interface EnteredBy {
  readonly personId: string;
  /** What an older version kept does not say. */
  readonly crewId?: string | undefined;
}

/** The headers that say so. */
export const enteredByHeaders = ({ personId, crewId }: EnteredBy): Record<string, string> => ({
  [PERSON_HEADER]: personId,
  ...(crewId === undefined ? {} : { [CREW_HEADER]: crewId }),
});

/** What the server says to whoever is not signed in; what waits stays. */
export const SIGN_IN_FIRST = 'Sign in first. What you entered is saved on this device.';

/** What the server says where someone else is signed in by now. */
export const SOMEBODY_ELSE =
  'Someone else is signed in on this device. What you entered is saved here and goes out when you sign in again.';
