import { jobBalance } from '../balance/from-job';
import { factAt, type FactPath, type Facts, factValue, sameValue } from '../job/document';
import type { OverrideRow } from '../job/facts/setup';
import type { Setting, SettingValue, SetupContext } from './setting';
import type { SettingId } from './setting-id';
import { settingFromText, settingToText } from './value';

/** What a job says that settings are calculated from. */
export interface SetupJob {
  readonly facts: Facts;
  /** Facts that someone has looked at. */
  readonly confirmed: { readonly has: (path: FactPath) => boolean };
}

/** One setting of a job: what it is to be, why, and what was calculated. */
export interface ResolvedSetting {
  readonly setting: Setting;
  /** Why it does not exist on this job; null where it does. */
  readonly absent: string | null;
  /** What the rules calculate. */
  readonly worked: SettingValue;
  readonly because: readonly string[];
  /** What it is to be. */
  readonly value: SettingValue;
  /** Where `value` comes from. */
  readonly from: 'worked-out' | 'chosen';
  /** Why someone chose otherwise. */
  readonly reason: string;
  /** What the job's fact says, where the setting lives in one. */
  readonly onJob?: SettingValue;
}

export type ResolvedSettings = ReadonlyMap<SettingId, ResolvedSetting>;

/** Whether someone has decided on a fact: confirmed it, or moved it off its assumption. */
const isDecided = ({ facts, confirmed }: SetupJob, path: FactPath): boolean =>
  confirmed.has(path) || !sameValue(factValue(facts, path), factAt(path).assumed);

const chosenValue = (setting: Setting, job: SetupJob, override: OverrideRow | undefined): SettingValue | undefined => {
  if (setting.fact?.holds === 'choice')
    return isDecided(job, setting.fact.path) ? setting.fact.read(job.facts) : undefined;
  return override === undefined ? undefined : settingFromText(setting, override.value);
};

/**
 * Calculates some settings of a job in the order in which they depend on one another: what one depends on is before it.
 * A setting that lives in a fact as a choice is what the fact says once someone has decided on it; any other is what
 * was calculated, unless an override says otherwise.
 */
export const resolveAmong = (settings: readonly Setting[], job: SetupJob): ResolvedSettings => {
  const { facts } = job;
  const resolved = new Map<SettingId, ResolvedSetting>();
  const overrides = new Map(facts.setup.overrides.map((row) => [row.setting, row]));
  const context: SetupContext = {
    facts,
    crossing: jobBalance(facts),
    value: (id) => {
      const known = resolved.get(id);
      return known === undefined || known.absent !== null ? null : known.value;
    },
  };
  for (const setting of settings) {
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
