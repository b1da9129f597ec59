import type { Principal } from './principal';
import type { Role } from './role';

/** Actions and the roles that may do them. An action that is not listed is allowed to no one. */
const RULES = {
  /** View jobs, controllers and weather, and export them. */
  see: ['lead', 'technician', 'apprentice', 'reader'],
  /** Add readings, marks and visits. */
  read: ['lead', 'technician', 'apprentice'],
  /** Practice, and save results. */
  practice: ['lead', 'technician', 'apprentice', 'reader'],
  /** View the practice results of the crew. */
  teach: ['lead'],
  /** Countersign an apprentice's readings. */
  countersign: ['lead', 'technician'],
  /** Create jobs and change their facts. */
  change: ['lead', 'technician'],
  /** Archive, delete, restore and hand over jobs. */
  move: ['lead', 'technician'],
  /** Create and end links to the homeowner's page. */
  share: ['lead', 'technician'],
  /** Save controller profiles and weather years for the crew. */
  keep: ['lead', 'technician'],
  /** Invite people, change their roles, remove them. */
  people: ['lead'],
  /** Leave a note on a job for the next tech. */
  note: ['lead'],
  /** Set the defaults of new jobs. */
  settle: ['lead'],
  /** Export all data of the crew, delete the crew, and cancel the deletion. */
  close: ['lead'],
  /** View the audit log. */
  audit: ['lead'],
} as const satisfies Readonly<Record<string, readonly Role[]>>;

/** Every action. */
export type Action = keyof typeof RULES;

export const ACTIONS = Object.keys(RULES) as readonly Action[];

/** Whether a person may do something. Data of another crew is out of reach before this is asked. */
export const may = ({ role }: Pick<Principal, 'role'>, action: Action): boolean =>
  (RULES[action] as readonly Role[]).includes(role);
