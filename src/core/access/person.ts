import type { Role } from './role';

/** A member of a crew; someone who left keeps the name on past readings. */
export interface Person {
  readonly id: string;
  /** The person's part of the sign-in name. */
  readonly handle: string;
  readonly name: string;
  readonly role: Role;
  /** Whether the person has chosen a password; until then only a link signs in. */
  readonly hasPassword: boolean;
  /** When the person left, ISO 8601; null: still a member. */
  readonly leftAt: string | null;
}
