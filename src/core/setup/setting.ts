import type { Balance } from '../balance/balance';
import type { ControllerRole } from '../job/controllers';
import type { FactPath, Facts } from '../job/document';
import type { SettingId } from './setting-id';

/** What a setting can hold: a named option, a number in its unit, or null where that is an answer. */
export type SettingValue = string | number | null;

/** What a setting is calculated from. */
export interface SetupContext {
  readonly facts: Facts;
  readonly crossing: Balance;
  /** What a setting that stands earlier in the catalog is to be; null where it does not exist here. */
  readonly value: (id: SettingId) => SettingValue;
}

/** A value with its chain of reasons, first cause first. */
export interface Worked {
  readonly value: SettingValue;
  readonly because: readonly string[];
}

/**
 * The fact that a setting lives in. `choice`: the fact is the decision, as a post on the ruler is;
 * `as-found`: the fact is what is in the controller today, and the setting is what it shall be.
 */
export interface SettingFact {
  readonly path: FactPath;
  readonly holds: 'choice' | 'as-found';
  readonly read: (facts: Facts) => SettingValue;
  /** The fact's new value for a value of the setting. */
  readonly write: (facts: Facts, value: SettingValue) => unknown;
}

interface SettingBase {
  readonly id: SettingId;
  readonly label: string;
  /** The controllers that may have it; none where it is a dial of its own. */
  readonly on: readonly ControllerRole[];
  /** What it does, in one sentence. */
  readonly meaning: string;
  /** What decides it. */
  readonly decidedBy: string;
  /** Settings that it depends on; they stand earlier in the catalog. */
  readonly after?: readonly SettingId[];
  /** What controllers usually come with. */
  readonly usual: SettingValue;
  readonly fact?: SettingFact;
  /** Why it does not exist on this job; null where it does. */
  readonly absent?: (context: SetupContext) => string | null;
  readonly work: (context: SetupContext) => Worked;
}

export interface ChoiceSetting extends SettingBase {
  readonly kind: 'choice';
  readonly options: readonly { readonly value: string | number; readonly label: string }[];
}

export interface NumberSetting extends SettingBase {
  readonly kind: 'number';
  readonly unit: string;
  /** A difference of temperatures, not a temperature: it converts without the 32. */
  readonly isDifference?: boolean;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** Whether "none" is an answer, and how it is worded. */
  readonly none?: string;
}

export type Setting = ChoiceSetting | NumberSetting;

export const choiceSetting = (setting: Omit<ChoiceSetting, 'kind'>): ChoiceSetting => ({ kind: 'choice', ...setting });

export const numberSetting = (
  setting: Omit<NumberSetting, 'kind' | 'step'> & { readonly step?: number },
): NumberSetting => ({
  kind: 'number',
  step: 1,
  ...setting,
});

/** The options of a setting that is on or off. */
export const ON_OFF = [
  { value: 'on', label: 'On' },
  { value: 'off', label: 'Off' },
] as const;

/** A worked-out value and why. */
export const worked = (value: SettingValue, ...because: string[]): Worked => ({ value, because });
