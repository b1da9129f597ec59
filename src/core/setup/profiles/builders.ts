import type { Condition, EntryForm, EntryOption, Means, NumberScale, ProfileEntry } from './profile';

/** One possible value of an entry: its code, its label and the setting values it selects. */
export const option = (code: string, label: string, means?: Means): EntryOption =>
  means ? { code, label, means } : { code, label };

/** An entry chosen from a list. */
export const menu = (...options: readonly EntryOption[]): EntryForm => ({ kind: 'menu', options });

/** A number of a setting; scale and text for none are in `more`. */
export const number = (
  setting: string,
  [min, max]: readonly [number, number],
  step: number,
  more: { readonly scale?: NumberScale; readonly none?: string } = {},
): EntryForm => ({ kind: 'number', setting, min, max, step, scale: 'plain', ...more });

/** Switches of a bank, in the order of the pattern. */
export const switches = (
  bank: string,
  positions: readonly number[],
  ...options: readonly EntryOption[]
): EntryForm => ({ kind: 'switches', bank, positions, options });

/** A jumper on one pin of a block. */
export const jumper = (block: string, ...options: readonly EntryOption[]): EntryForm => ({
  kind: 'jumper',
  block,
  options,
});

/** Condition: another entry has one of these codes. */
export const when = (entry: string, ...is: readonly string[]): Condition => ({ entry, is });

/** Builder of the entries of one scope. */
export const entriesIn =
  (scope: string) =>
  (
    code: string,
    label: string,
    form: EntryForm,
    more: Omit<ProfileEntry, 'code' | 'label' | 'scope' | 'form'> = {},
  ): ProfileEntry => ({ code, label, scope, form, ...more });
