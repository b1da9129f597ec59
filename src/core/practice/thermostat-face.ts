import type { Cause } from '../causes/cause';
import type { Facts } from '../job/document';
import { targetOf } from '../setup/card/target';
import { type Codes, type Face, faceOf, shownKeys } from '../setup/face/face';
import { type ControllerProfile, entryKey, settingsOf } from '../setup/profiles/profile';
import { resolveSettings } from '../setup/resolve';
import type { ResolvedSettings } from '../setup/resolve-among';
import type { SettingValue } from '../setup/setting';
import type { SettingId } from '../setup/setting-id';

/** A round’s thermostat with its menus as left. */
export interface ThermostatFace {
  readonly face: Face;
  /** Values that the house’s Setup card calls for, by entry. */
  readonly wanted: Codes;
  /** The menu entry for each setting look. */
  readonly entryOf: ReadonlyMap<string, string>;
}

/** The setting of a look, and the value it may be left at if the cause's facts do not say. */
const LOOKED_AT: Readonly<Record<string, { readonly setting: SettingId; readonly wrong: readonly SettingValue[] }>> = {
  valve: { setting: 'reversing-valve', wrong: ['O', 'B'] },
  backup: { setting: 'backup-source', wrong: ['electric', 'fossil'] },
  'aux-lockout': { setting: 'aux-lockout', wrong: [0, 5] },
  active: { setting: 'aux-lockout', wrong: [0, 5] },
  'compressor-lockout': { setting: 'compressor-lockout', wrong: [50, 45] },
  droop: { setting: 'droop', wrong: [6, 5, 4] },
  'hasty-backup': { setting: 'droop', wrong: [0, 0.5, 1] },
  stages: { setting: 'compressor-stages', wrong: [1] },
  cycles: { setting: 'compressor-cycles', wrong: [6, 5] },
};

/** A house’s settings by its own facts, all decided. */
const settingsOfHouse = (facts: Facts): ResolvedSettings => resolveSettings({ facts, confirmed: { has: () => true } });

/** The look that shows a settings cause; undefined: not a settings cause. */
const lookOf = ({ effect }: Cause): string | undefined => effect.ails?.settingsOff?.[0];

/**
 * The thermostat of a house with a fault, with its own menus.
 * @param causes all possible causes of the house
 * @param truth ids of the actual ones
 */
export const thermostatFace = (
  facts: Facts,
  causes: readonly Cause[],
  truth: readonly string[],
  profile: ControllerProfile,
): ThermostatFace => {
  const settings = settingsOfHouse(facts);
  const wanted = new Map(
    profile.entries.flatMap((entry) => {
      const target = targetOf(entry, settings);
      return target.kind === 'set' ? [[entryKey(entry.scope, entry.code), target.code] as const] : [];
    }),
  );
  /** The entry that shows a settings cause, and its code then. */
  const shownBy = (cause: Cause): readonly [key: string, code: string] | undefined => {
    const look = LOOKED_AT[lookOf(cause) ?? ''];
    const sound = look && settings.get(look.setting);
    if (!look || !sound || sound.absent !== null) return undefined;
    const entry = profile.entries.find((each) => settingsOf(each).includes(look.setting));
    const changed = cause.effect.facts && settingsOfHouse(cause.effect.facts(facts)).get(look.setting)?.value;
    const key = entry && entryKey(entry.scope, entry.code);
    if (!entry || key === undefined || !wanted.has(key)) return undefined;
    for (const value of [...(changed === undefined ? [] : [changed]), ...look.wrong]) {
      const target = targetOf(entry, new Map([...settings, [look.setting, { ...sound, value }]]));
      if (target.kind === 'set' && target.code !== wanted.get(key)) return [key, target.code];
    }
    return undefined;
  };

  const bySetting = causes.filter((cause) => lookOf(cause) !== undefined);
  const off = new Map(
    bySetting.flatMap((cause) => {
      const at = shownBy(cause);
      // Without an activation step, nothing can be saved and not active.
      const isMet = at !== undefined && (lookOf(cause) !== 'active' || profile.activate.length > 0);
      return isMet ? [[lookOf(cause)!, at] as const] : [];
    }),
  );
  const wrong = bySetting
    .filter(({ id }) => truth.includes(id))
    .flatMap((cause) => {
      const at = off.get(lookOf(cause)!);
      return at ? [{ look: lookOf(cause)!, at }] : [];
    });
  const saved = faceOf(
    profile,
    new Map([...wanted, ...wrong.filter(({ look }) => look !== 'active').map(({ at }) => at)]),
  );
  const inForce = new Map([...saved.saved, ...wrong.map(({ at }) => at)]);
  const face: Face = { ...saved, inForce };
  const shown = new Set(shownKeys(face));
  return {
    face,
    wanted,
    entryOf: new Map([...off].filter(([, [key]]) => shown.has(key)).map(([look, [key]]) => [look, key])),
  };
};
