import type { Role } from './role';

/** Who asks: a person of a crew, signed in. */
export interface Principal {
  readonly crewId: string;
  readonly personId: string;
  readonly name: string;
  readonly role: Role;
  /** When his crew is deleted with all that it has, ISO 8601; null: it is not. */
  readonly crewEnds: string | null;
}
