import type { Facts } from '../job/document';

/** The outdoor thermostat of a bank: its own, or the one for all banks; numbers count from 1. Null: none. */
export const outdoorThermostatOf = (
  { gates }: Facts,
  bank: number,
): { readonly number: number; readonly closesBelowF: number } | null => {
  const rows = gates.outdoorThermostats;
  const own = rows.findIndex((row) => row.bank === bank);
  const at = own >= 0 ? own : rows.findIndex((row) => row.bank === 0);
  return at < 0 ? null : { number: at + 1, closesBelowF: rows[at]!.closesBelowF };
};

/** A job's outdoor thermostats with one dial (number from 1) set to another temperature, °F. */
export const withDialSetting = (
  { gates }: Facts,
  number: number,
  closesBelowF: number,
): Facts['gates']['outdoorThermostats'] =>
  gates.outdoorThermostats.map((row, at) => (at === number - 1 ? { ...row, closesBelowF } : row));
