import type { Facts } from '../../job/document';
import type { SettingMark } from '../../job/setting-marks';
import { SHIPPED_PROFILES } from '../profiles';
import type { ResolvedSettings } from '../resolve-among';
import type { SettingId } from '../setting-id';
import { cardOf } from './card';

/**
 * Settings that need no second look: on one visit the controller read back its factory default, and that is what the
 * job needs. A crew's own profiles are not checked.
 * @param marks setting marks of that visit
 */
export const readBackAtDefault = (
  facts: Facts,
  settings: ResolvedSettings,
  marks: readonly SettingMark[],
): ReadonlySet<SettingId> => {
  const { thermostatProfile, indoorProfile, outdoorProfile } = facts.setup;
  const chosen = [thermostatProfile, indoorProfile, outdoorProfile];
  return new Set(
    SHIPPED_PROFILES.filter(({ id }) => chosen.includes(id)).flatMap((profile) =>
      cardOf(profile, settings, marks).lines.flatMap(({ entry, readBack, isAsWanted, settings: of }) =>
        isAsWanted && readBack !== null && readBack.value === entry.factory ? of.map(({ setting }) => setting.id) : [],
      ),
    ),
  );
};
