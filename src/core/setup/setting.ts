import type { Balance } from '../balance/balance';
import type { ControllerRole } from '../job/controllers';
import type { FactPath, Facts } from '../job/document';
import type { SettingId } from './setting-id';

/** Value of a setting: an option, a number in its unit, or null where allowed. */
export type SettingValue = string | number | null;

/** Inputs for calculating a setting. */
export interface SetupContext {
  readonly facts: Facts;
  readonly crossing: Balance;
  /** Value of a setting earlier in the catalog; null if it does not apply. */
  readonly value: (id: SettingId) => SettingValue;
}

/** A value with its chain of reasons, first cause first. */
export interface Worked {
  readonly value: SettingValue;
  readonly because: readonly string[];
}

/**
 * The fact that stores a setting. `choice`: the fact is the decision, like a lockout on the ruler; `as-found`: the fact
 * is the present state of the controller, and the setting is the target.
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
  /** Controllers that may have it; none if it is a separate dial. */
  readonly on: readonly ControllerRole[];
  /** What it does, in one sentence. */
  readonly meaning: string;
  /** What decides it. */
  readonly decidedBy: string;
  /** Settings that it depends on, earlier in the catalog. */
  readonly after?: readonly SettingId[];
  /** Usual factory default. */
  readonly usual: SettingValue;
  readonly fact?: SettingFact;
  /** Why it does not apply to this job; null if it does. */
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
  /** A temperature difference, not a temperature: converts without the 32. */
  readonly isDifference?: boolean;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** Words for "none", if that is an answer. */
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

/** A calculated value and why. */
export const worked = (value: SettingValue, ...because: string[]): Worked => ({ value, because });
