import { isRole, type Role } from '../access/role';
import type { Parsed } from '../border/parse';
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

const isText = (value: unknown): value is string => typeof value === 'string';

const isInstrument = (value: unknown): value is Instrument => {
  const { name, calibratedUntil } = (value ?? {}) as Partial<Record<keyof Instrument, unknown>>;
  return isText(name) && (calibratedUntil === null || isText(calibratedUntil));
};

/** Reads the person at work as a device stored it. Checked by hand: every page reads it, most load no schemas. */
export const readAtWork = (value: unknown): Parsed<AtWork> => {
  const { crewId, personId, me, role, names, instruments } = (value ?? {}) as Partial<Record<keyof AtWork, unknown>>;
  const isCrew = crewId === undefined || isText(crewId);
  if (!isCrew || !isText(personId) || !isText(me) || !isText(role) || !isRole(role))
    return { ok: false, error: 'names no one', path: 'personId' };
  if (!Array.isArray(names) || !names.every(isText) || !Array.isArray(instruments) || !instruments.every(isInstrument))
    return { ok: false, error: 'must be lists', path: 'names' };
  return { ok: true, value: { ...(crewId === undefined ? {} : { crewId }), personId, me, role, names, instruments } };
};
