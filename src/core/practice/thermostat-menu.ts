import type { Face } from '../setup/face/face';
import { type ShownEntry, shownEntry } from '../setup/face/shown';
import type { ThermostatFace } from './thermostat-face';

/** A thermostat’s menus before someone who goes through them. */
export interface ThermostatMenu {
  readonly name: string;
  readonly before: readonly string[];
  readonly enter: readonly string[];
  readonly isReady: boolean;
  readonly isIn: boolean;
  readonly entry: ShownEntry | null;
  /** The value that the house’s Setup card wants at this entry; null: it says nothing of it. */
  readonly wanted: string | null;
}

/** The thermostat of a round, as it shows itself. */
export const thermostatMenu = ({ wanted }: ThermostatFace, face: Face): ThermostatMenu => {
  const { name, before, enter } = face.profile;
  const entry = shownEntry(face);
  return {
    name,
    before,
    enter,
    isReady: face.isReady,
    isIn: face.isIn,
    entry,
    wanted: entry && (wanted.get(entry.key) ?? null),
  };
};
