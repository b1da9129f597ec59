import type { Role } from './role';

/** A person of a crew; one who has left keeps his name on what he read. */
export interface Person {
  readonly id: string;
  /** His part of the name that he signs in with. */
  readonly handle: string;
  readonly name: string;
  readonly role: Role;
  /** Whether he has chosen a password: until then a link lets him in. */
  readonly hasPassword: boolean;
  /** When he left, ISO 8601; null: he is here. */
  readonly leftAt: string | null;
}
