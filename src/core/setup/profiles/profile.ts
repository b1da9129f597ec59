import type { ControllerRole } from '../../job/controllers';

export const PROFILE_FORMAT = 'gate-cross-controller';
/** Version of the controller profile's file. */
export const PROFILE_FILE_VERSION = 1;

/** Values of settings that a code means, by the setting's id. All must hold. */
export type Means = Readonly<Record<string, string | number | null>>;

/**
 * One value that an entry can be given, by the controller's own code: a number in a menu, an answer, a switch pattern,
 * a pin.
 */
export interface EntryOption {
  readonly code: string;
  readonly label: string;
  readonly means?: Means;
}

/** When an entry is there at all. `entry` is the code of another one, of the same scope unless one is named. */
export type Condition =
  | { readonly entry: string; readonly scope?: string; readonly is: readonly string[] }
  | { readonly all: readonly Condition[] }
  | { readonly any: readonly Condition[] };

/** How a number is shown by the controller. */
export const NUMBER_SCALES = { plain: 'as it is', celsius: 'in °C', tenths: 'in tenths' } as const;
export type NumberScale = keyof typeof NUMBER_SCALES;

/** How an entry is given its value. */
export type EntryForm =
  | { readonly kind: 'menu'; readonly options: readonly EntryOption[] }
  | {
      readonly kind: 'number';
      readonly setting: string;
      readonly min: number;
      readonly max: number;
      readonly step: number;
      readonly scale: NumberScale;
      /** What the controller shows for "none". */
      readonly none?: string;
    }
  /** Switches of a bank, in the order of the pattern: 1 is on, 0 is off. */
  | {
      readonly kind: 'switches';
      readonly bank: string;
      readonly positions: readonly number[];
      readonly options: readonly EntryOption[];
    }
  /** A jumper on one pin of a block; the code is the pin. */
  | { readonly kind: 'jumper'; readonly block: string; readonly options: readonly EntryOption[] };

/** One setting as the controller has it. Entries are in the order in which the controller shows them. */
export interface ProfileEntry {
  readonly code: string;
  /** The controller's own words. */
  readonly label: string;
  readonly scope: string;
  /** The way to it, where it is not met in a row. */
  readonly path?: string;
  readonly form: EntryForm;
  readonly shownWhen?: Condition;
  /** The code that it comes with from the factory. */
  readonly factory?: string;
  /** A value once saved cannot be taken back. */
  readonly isLasting?: boolean;
  readonly note?: string;
}

export interface SwitchBank {
  readonly id: string;
  readonly label: string;
  readonly switches: number;
}

export interface JumperBlock {
  readonly id: string;
  readonly label: string;
  readonly pins: readonly string[];
}

/** What a given controller calls each setting, and how one gets there. */
export interface ControllerProfile {
  readonly format: typeof PROFILE_FORMAT;
  readonly fileVersion: typeof PROFILE_FILE_VERSION;
  readonly id: string;
  readonly name: string;
  readonly role: ControllerRole;
  readonly about: string;
  /** What entries apply to, such as this unit or the group. Each is saved by itself. */
  readonly scopes: readonly { readonly id: string; readonly label: string }[];
  /** What must be done first, such as switching the unit off. */
  readonly before: readonly string[];
  /** How its setup is entered. */
  readonly enter: readonly string[];
  /** How a scope is saved. */
  readonly save: readonly string[];
  /** How saved values come into force, where saving is not enough. */
  readonly activate: readonly string[];
  /** How values are read back. */
  readonly readBack: readonly string[];
  /** Waits that look like faults, such as after power-up. */
  readonly delays: readonly { readonly label: string; readonly seconds: number }[];
  readonly banks: readonly SwitchBank[];
  readonly jumpers: readonly JumperBlock[];
  readonly entries: readonly ProfileEntry[];
}

/** What an entry is known by within its profile. */
export const entryKey = (scope: string, code: string): string => `${scope}/${code}`;

/** The options of an entry; a number has none. */
export const optionsOf = ({ form }: ProfileEntry): readonly EntryOption[] =>
  form.kind === 'number' ? [] : form.options;

/** Ids of the settings that an entry speaks of. */
export const settingsOf = (entry: ProfileEntry): readonly string[] =>
  entry.form.kind === 'number'
    ? [entry.form.setting]
    : [...new Set(entry.form.options.flatMap(({ means }) => Object.keys(means ?? {})))];
