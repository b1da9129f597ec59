import { CREW_HEADER, PERSON_HEADER } from '../../core/access/entered-by';
import type { Principal } from '../../core/access/principal';

/**
 * Whether a request carries what someone else entered on the device before: it is not done as whoever is signed in
 * now. A program that says nothing of it speaks for who is signed in.
 */
export const isAnotherPersons = ({ headers }: Request, { personId, crewId }: Principal): boolean => {
  const [person, crew] = [headers.get(PERSON_HEADER), headers.get(CREW_HEADER)];
  return (person !== null && person !== personId) || (crew !== null && crew !== crewId);
};
