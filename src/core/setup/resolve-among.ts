import { jobBalance } from '../balance/from-job';
import { factAt, type FactPath, type Facts, factValue, sameValue } from '../job/document';
import type { OverrideRow } from '../job/facts/setup';
import type { Setting, SettingValue, SetupContext } from './setting';
import type { SettingId } from './setting-id';
import { settingFromText, settingToText } from './value';

/** Inputs of the settings calculation. */
export interface SetupJob {
  readonly facts: Facts;
  /** Confirmed facts. */
  readonly confirmed: { readonly has: (path: FactPath) => boolean };
}

/** One setting of a job: its value, reasons, and calculated value. */
export interface ResolvedSetting {
  readonly setting: Setting;
  /** Why it does not apply to this job; null if it does. */
  readonly absent: string | null;
  /** Calculated value. */
  readonly worked: SettingValue;
  readonly because: readonly string[];
  /** Value in effect. */
  readonly value: SettingValue;
  /** Origin of `value`. */
  readonly from: 'worked-out' | 'chosen';
  /** Reason for a different choice. */
  readonly reason: string;
  /** Value of the job's fact, if the setting is stored in one. */
  readonly onJob?: SettingValue;
}

export type ResolvedSettings = ReadonlyMap<SettingId, ResolvedSetting>;

/** Whether a fact was decided: confirmed, or changed from its assumption. */
const isDecided = ({ facts, confirmed }: SetupJob, path: FactPath): boolean =>
  confirmed.has(path) || !sameValue(factValue(facts, path), factAt(path).assumed);

const chosenValue = (setting: Setting, job: SetupJob, override: OverrideRow | undefined): SettingValue | undefined => {
  if (setting.fact?.holds === 'choice')
    return isDecided(job, setting.fact.path) ? setting.fact.read(job.facts) : undefined;
  return override === undefined ? undefined : settingFromText(setting, override.value);
};

/**
 * Calculates settings of a job in dependency order. A setting stored in a fact as a choice takes the fact's value once
 * decided; any other takes the calculated value unless overridden.
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
