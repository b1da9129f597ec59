import type { Role } from '../access/role';
import type { Instrument } from './calibration';

/** The signed-in person, the crew members who take readings, and the crew's instruments. */
export interface AtWork {
  /** The person's crew; missing in entries that an older version stored on a device. */
  readonly crewId?: string;
  readonly personId: string;
  readonly me: string;
  readonly role: Role;
  readonly names: readonly string[];
  readonly instruments: readonly Instrument[];
}
