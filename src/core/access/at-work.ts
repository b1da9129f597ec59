import type { Instrument } from '../instrument/calibration';
import type { Role } from './role';

/** Who is signed in, everyone of the crew who reads, and what the crew reads with. */
export interface AtWork {
  /** His crew; what an older version kept on a device does not say. */
  readonly crewId?: string;
  readonly personId: string;
  readonly me: string;
  readonly role: Role;
  readonly names: readonly string[];
  readonly instruments: readonly Instrument[];
}
