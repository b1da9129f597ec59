import { type FactChange, type FactPath, type Facts, sameValue, withFact } from '../job/document';
import { resolveAmong, type ResolvedSetting, type ResolvedSettings, type SetupJob } from './resolve-among';
import type { SettingValue } from './setting';
import { isSettingId } from './setting-id';
import { SETTINGS } from './settings';
import { settingToText } from './value';

/** The setting that a profile or record names; undefined if unknown. */
export const resolvedById = (settings: ResolvedSettings, id: string): ResolvedSetting | undefined =>
  isSettingId(id) ? settings.get(id) : undefined;

/** Calculates every setting of a job. */
export const resolveSettings = (job: SetupJob): ResolvedSettings => resolveAmong(SETTINGS, job);

/** Changes of facts that set a value; `reason` is required if it differs from the calculated value. */
export const changesToSet = (
  facts: Facts,
  { setting, worked }: ResolvedSetting,
  value: SettingValue,
  reason: string,
): FactChange[] => {
  const others = facts.setup.overrides.filter((row) => row.setting !== setting.id);
  const rows = value === worked ? others : [...others, { setting: setting.id, value: settingToText(value), reason }];
  const override: FactChange[] = sameValue(rows, facts.setup.overrides)
    ? []
    : [{ path: 'setup.overrides', value: rows }];
  return setting.fact?.holds === 'choice'
    ? [{ path: setting.fact.path, value: setting.fact.write(facts, value) }, ...override]
    : override;
};

/**
 * Whether a choice stored in a fact differs from its calculated value and was not decided: the ruler does not show it
 * yet.
 */
export const isOffTheJob = ({ setting, absent, onJob, value, from }: ResolvedSetting): boolean =>
  absent === null && setting.fact?.holds === 'choice' && from === 'worked-out' && onJob !== value;

/** Changes that apply every such calculated choice to the job. */
export const changesToApplyAll = (facts: Facts, settings: ResolvedSettings): FactChange[] => {
  const changed = new Map<FactPath, FactChange>();
  let after = facts;
  for (const resolved of settings.values()) {
    if (!isOffTheJob(resolved)) continue;
    const { path, write } = resolved.setting.fact!;
    const value = write(after, resolved.value);
    after = withFact(after, path, value);
    changed.set(path, { path, value });
  }
  return [...changed.values()];
};
