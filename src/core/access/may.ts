import type { Principal } from './principal';
import type { Role } from './role';

/** What can be done, and who may; whatever is not named here no one may. */
const RULES = {
  /** Look at jobs, controllers and weather, and take them away as files. */
  see: ['lead', 'technician', 'apprentice', 'reader'],
  /** Add readings, marks and visits. */
  read: ['lead', 'technician', 'apprentice'],
  /** Play rounds of practice, and keep how they ended. */
  practice: ['lead', 'technician', 'apprentice', 'reader'],
  /** Look at how the others of the crew are in practice. */
  teach: ['lead'],
  /** Stand for what an apprentice read. */
  countersign: ['lead', 'technician'],
  /** Make jobs and change their facts. */
  change: ['lead', 'technician'],
  /** Put jobs on the shelf, delete them, bring them back, hand them over. */
  move: ['lead', 'technician'],
  /** Make links to the page for the people of a house, and end them. */
  share: ['lead', 'technician'],
  /** Keep controllers and weather years for the crew. */
  keep: ['lead', 'technician'],
  /** Invite people, change what they may, let them go. */
  people: ['lead'],
  /** Leave a note on a job for whoever goes. */
  note: ['lead'],
  /** Say what new jobs begin with. */
  settle: ['lead'],
  /** Take everything of the crew away as a file, delete the crew, and keep it after all. */
  close: ['lead'],
  /** Look at who did what. */
  audit: ['lead'],
} as const satisfies Readonly<Record<string, readonly Role[]>>;

/** Everything that can be asked for. */
export type Action = keyof typeof RULES;

export const ACTIONS = Object.keys(RULES) as readonly Action[];

/** Whether a person may do something. What is of another crew no rule opens: no one gets that far. */
export const may = ({ role }: Pick<Principal, 'role'>, action: Action): boolean =>
  (RULES[action] as readonly Role[]).includes(role);
