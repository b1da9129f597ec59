import type { Face } from '../setup/face/face';
import { type ShownEntry, shownEntry } from '../setup/face/shown';
import type { ThermostatFace } from './thermostat-face';

/** A thermostat’s menus while browsing. */
export interface ThermostatMenu {
  readonly name: string;
  readonly before: readonly string[];
  readonly enter: readonly string[];
  readonly isReady: boolean;
  readonly isIn: boolean;
  readonly entry: ShownEntry | null;
  /** The value that the house’s Setup card calls for at this entry; null: none. */
  readonly wanted: string | null;
}

/** A round's thermostat display. */
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
