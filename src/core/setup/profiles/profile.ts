import type { ControllerRole } from '../../job/controllers';

export const PROFILE_FORMAT = 'gate-cross-controller';
/** Version of the controller profile file. */
export const PROFILE_FILE_VERSION = 1;

/** Setting values that a code selects, by setting id. All hold together. */
export type Means = Readonly<Record<string, string | number | null>>;

/** One possible value of an entry by the controller's own code: a menu number, an answer, a switch pattern, a pin. */
export interface EntryOption {
  readonly code: string;
  readonly label: string;
  readonly means?: Means;
}

/** When an entry is displayed. `entry` is the code of another entry, in the same scope unless named. */
export type Condition =
  | { readonly entry: string; readonly scope?: string; readonly is: readonly string[] }
  | { readonly all: readonly Condition[] }
  | { readonly any: readonly Condition[] };

/** How the controller displays a number. */
export const NUMBER_SCALES = { plain: 'as it is', celsius: 'in °C', tenths: 'in tenths' } as const;
export type NumberScale = keyof typeof NUMBER_SCALES;

/** How an entry is set. */
export type EntryForm =
  | { readonly kind: 'menu'; readonly options: readonly EntryOption[] }
  | {
      readonly kind: 'number';
      readonly setting: string;
      readonly min: number;
      readonly max: number;
      readonly step: number;
      readonly scale: NumberScale;
      /** Displayed text for "none". */
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

/** One entry of a controller. Entries are in display order. */
export interface ProfileEntry {
  readonly code: string;
  /** The controller's own label. */
  readonly label: string;
  readonly scope: string;
  /** How to get there, if it is not next in order. */
  readonly path?: string;
  readonly form: EntryForm;
  readonly shownWhen?: Condition;
  /** Factory default. */
  readonly factory?: string;
  /** Irreversible: once saved, it cannot be changed. */
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

/** A controller's names for settings, and how to reach them. */
export interface ControllerProfile {
  readonly format: typeof PROFILE_FORMAT;
  readonly fileVersion: typeof PROFILE_FILE_VERSION;
  readonly id: string;
  readonly name: string;
  readonly role: ControllerRole;
  readonly about: string;
  /** What entries apply to, such as this unit or the group. Each is saved separately. */
  readonly scopes: readonly { readonly id: string; readonly label: string }[];
  /** Steps before setup, such as switching the unit off. */
  readonly before: readonly string[];
  /** How to enter setup. */
  readonly enter: readonly string[];
  /** How to save a scope. */
  readonly save: readonly string[];
  /** How to activate saved values, if saving is not enough. */
  readonly activate: readonly string[];
  /** How to read values back. */
  readonly readBack: readonly string[];
  /** Delays that look like faults, such as after power-up. */
  readonly delays: readonly { readonly label: string; readonly seconds: number }[];
  readonly banks: readonly SwitchBank[];
  readonly jumpers: readonly JumperBlock[];
  readonly entries: readonly ProfileEntry[];
}

/** Key of an entry within its profile. */
export const entryKey = (scope: string, code: string): string => `${scope}/${code}`;

/** Options of an entry; none for a number. */
export const optionsOf = ({ form }: ProfileEntry): readonly EntryOption[] =>
  form.kind === 'number' ? [] : form.options;

/** Setting ids of an entry. */
export const settingsOf = (entry: ProfileEntry): readonly string[] =>
  entry.form.kind === 'number'
    ? [entry.form.setting]
    : [...new Set(entry.form.options.flatMap(({ means }) => Object.keys(means ?? {})))];
