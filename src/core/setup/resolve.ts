import { jobCrossing } from '../crossing/from-job';
import { factAt, type FactChange, type FactPath, type Facts, factValue, sameValue, withFact } from '../job/document';
import type { OverrideRow } from '../job/facts/setup';
import type { Setting, SettingValue, SetupContext } from './setting';
import { isSettingId, type SettingId } from './setting-id';
import { SETTINGS } from './settings';
import { settingFromText, settingToText } from './value';

/** What a job says that settings are worked out from. */
export interface SetupJob {
  readonly facts: Facts;
  /** Facts that somebody has looked at. */
  readonly confirmed: { readonly has: (path: FactPath) => boolean };
}

/** One setting of a job: what it is to be, why, and what was worked out. */
export interface ResolvedSetting {
  readonly setting: Setting;
  /** Why it does not exist on this job; null where it does. */
  readonly absent: string | null;
  /** What the rules work out. */
  readonly worked: SettingValue;
  readonly because: readonly string[];
  /** What it is to be. */
  readonly value: SettingValue;
  /** Where `value` comes from. */
  readonly from: 'worked-out' | 'chosen';
  /** Why somebody chose otherwise. */
  readonly reason: string;
  /** What the job's fact says, where the setting lives in one. */
  readonly onJob?: SettingValue;
}

export type ResolvedSettings = ReadonlyMap<SettingId, ResolvedSetting>;

/** The setting that a profile or a record names; undefined where there is no such setting. */
export const resolvedById = (settings: ResolvedSettings, id: string): ResolvedSetting | undefined =>
  isSettingId(id) ? settings.get(id) : undefined;

/** Whether somebody has decided on a fact: confirmed it, or moved it off its assumption. */
const isDecided = ({ facts, confirmed }: SetupJob, path: FactPath): boolean =>
  confirmed.has(path) || !sameValue(factValue(facts, path), factAt(path).assumed);

const chosenValue = (setting: Setting, job: SetupJob, override: OverrideRow | undefined): SettingValue | undefined => {
  if (setting.fact?.holds === 'choice')
    return isDecided(job, setting.fact.path) ? setting.fact.read(job.facts) : undefined;
  return override === undefined ? undefined : settingFromText(setting, override.value);
};

/**
 * Works out every setting of a job in the order in which they hang on one another. A setting that lives in a fact as a
 * choice is what the fact says once somebody has decided on it; any other is what was worked out, unless an override
 * says otherwise.
 */
export const resolveSettings = (job: SetupJob): ResolvedSettings => {
  const { facts } = job;
  const resolved = new Map<SettingId, ResolvedSetting>();
  const overrides = new Map(facts.setup.overrides.map((row) => [row.setting, row]));
  const context: SetupContext = {
    facts,
    crossing: jobCrossing(facts),
    value: (id) => {
      const known = resolved.get(id);
      return known === undefined || known.absent !== null ? null : known.value;
    },
  };
  for (const setting of SETTINGS) {
    const onJob = setting.fact?.read(facts);
    const base = { setting, ...(onJob === undefined ? {} : { onJob }) };
    const absent = setting.absent?.(context) ?? null;
    if (absent !== null) {
      resolved.set(setting.id, {
        ...base,
        absent,
        worked: null,
        because: [],
        value: null,
        from: 'worked-out',
        reason: '',
      });
      continue;
    }
    const { value: worked, because } = setting.work(context);
    const override = overrides.get(setting.id);
    const chosen = chosenValue(setting, job, override);
    const isOther = chosen !== undefined && chosen !== worked;
    resolved.set(setting.id, {
      ...base,
      absent: null,
      worked,
      because,
      value: isOther ? chosen : worked,
      from: isOther ? 'chosen' : 'worked-out',
      reason: isOther && override?.value === settingToText(chosen) ? override.reason : '',
    });
  }
  return resolved;
};

/** The changes of facts that give a setting a value; `reason` says why where it is not the worked-out one. */
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
 * Whether a choice that lives in a fact is worked out otherwise and nobody has decided on it: the ruler does not show
 * it yet.
 */
export const isOffTheJob = ({ setting, absent, onJob, value, from }: ResolvedSetting): boolean =>
  absent === null && setting.fact?.holds === 'choice' && from === 'worked-out' && onJob !== value;

/** The changes that put every such worked-out choice on the job. */
export const changesToTakeAll = (facts: Facts, settings: ResolvedSettings): FactChange[] => {
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
