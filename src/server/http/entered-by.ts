import { CREW_HEADER, PERSON_HEADER } from '../../core/access/entered-by';
import type { Principal } from '../../core/access/principal';

/**
 * Whether a request carries entries of someone else on the device: they are not stored as the signed-in person's. A
 * client that says nothing speaks for the signed-in person.
 */
export const isAnotherPersons = ({ headers }: Request, { personId, crewId }: Principal): boolean => {
  const [person, crew] = [headers.get(PERSON_HEADER), headers.get(CREW_HEADER)];
  return (person !== null && person !== personId) || (crew !== null && crew !== crewId);
};
