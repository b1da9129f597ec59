/** Headers in which a device names the person who entered what it sends, and that person's crew. */
export const PERSON_HEADER = 'x-entered-by';
export const CREW_HEADER = 'x-entered-in';

/** Who entered something on a device. */
export interface EnteredBy {
  readonly personId: string;
  /** Missing in entries that an older version stored. */
  readonly crewId?: string | undefined;
}

/** Builds those headers. */
export const enteredByHeaders = ({ personId, crewId }: EnteredBy): Record<string, string> => ({
  [PERSON_HEADER]: personId,
  ...(crewId === undefined ? {} : { [CREW_HEADER]: crewId }),
});

/** The server's answer to a request without a session; queued entries stay on the device. */
export const SIGN_IN_FIRST = 'Sign in first. What you entered is saved on this device.';

/** The server's answer when another person has signed in on the device. */
export const SOMEBODY_ELSE =
  'Someone else is signed in on this device. What you entered is saved here and goes out when you sign in again.';
