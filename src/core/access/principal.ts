import type { Role } from './role';

/** The signed-in person who makes a request. */
export interface Principal {
  readonly crewId: string;
  readonly personId: string;
  readonly name: string;
  readonly role: Role;
  /** When the crew and all its data will be deleted, ISO 8601; null: no deletion is scheduled. */
  readonly crewEnds: string | null;
}
