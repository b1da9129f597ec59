import { array, boolean, lazy, mixed, number, object, type Schema, string } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { isRecord } from '../../border/record';
import { bounded, plainText } from '../../border/schema';
import { CONTROLLER_ROLES, type ControllerRole } from '../../job/controllers';
import {
  type ControllerProfile,
  NUMBER_SCALES,
  type NumberScale,
  PROFILE_FILE_VERSION,
  PROFILE_FORMAT,
} from './profile';

const MOST_ENTRIES = 300;
const MOST_OPTIONS = 100;
/** Maximum settings per option. Our judgment: there are about fifty settings, and an option has a few. */
const MOST_MEANINGS = 60;
/** Maximum nesting of conditions. */
const DEEPEST_CONDITION = 6;

const unknownField = ({ unknown }: { unknown: string }) => `contains an unknown field: ${String(unknown).slice(0, 60)}`;
/** Texts may be empty while typing; `profileProblems` reports missing ones. */
const text = (most: number) => plainText(most).defined('must be text');
const finite = () => bounded(-1e6, 1e6);
const steps = () => array(text(400)).max(30, 'must be at most 30 steps').required('must be a list of steps');

/** A setting id, present or future. */
const SETTING_NAME = /^[a-z0-9-]{1,40}$/;
const isMeaning = (value: unknown): boolean =>
  value === null ||
  (typeof value === 'string' && plainText(80).isValidSync(value)) ||
  (typeof value === 'number' && Number.isFinite(value));

/** Settings that an option selects by id, each with a text, a number or null. */
const means = mixed().test({
  name: 'means',
  test: (value, { createError, path }) => {
    if (value === undefined) return true;
    if (!isRecord(value)) return createError({ message: 'must be settings with their values' });
    const names = Object.keys(value);
    if (names.length > MOST_MEANINGS) return createError({ message: `must be at most ${MOST_MEANINGS} settings` });
    if (!names.every((name) => SETTING_NAME.test(name)))
      return createError({ message: 'has a name that no setting has; take it from the catalog' });
    const wrong = names.find((name) => !isMeaning(value[name]));
    return wrong === undefined
      ? true
      : createError({ message: 'must be a text, a number or null', path: `${path}.${wrong}` });
  },
});

const options = () =>
  array(
    object({
      code: plainText(40).defined('must be text'),
      label: plainText(120).defined('must be text'),
      means,
    }).noUnknown(unknownField),
  )
    .max(MOST_OPTIONS, `must be at most ${MOST_OPTIONS} options`)
    .required('must be a list of options');

const kind = (name: string) => string().oneOf([name]).required();

const FORMS: Record<string, Schema> = {
  menu: object({ kind: kind('menu'), options: options() }).noUnknown(unknownField),
  number: object({
    kind: kind('number'),
    setting: plainText(40).defined('must name a setting'),
    min: finite().required('must be given'),
    max: finite().required('must be given'),
    step: finite().moreThan(0, 'must be above zero').required('must be given'),
    scale: mixed<NumberScale>()
      .oneOf(Object.keys(NUMBER_SCALES) as NumberScale[], `must be one of ${Object.keys(NUMBER_SCALES).join(', ')}`)
      .required('must be given'),
    none: plainText(20),
  }).noUnknown(unknownField),
  switches: object({
    kind: kind('switches'),
    bank: plainText(20).defined('must name a bank'),
    positions: array(number().integer().min(1).max(32).required()).max(12).required('must be a list of switches'),
    options: options(),
  }).noUnknown(unknownField),
  jumper: object({
    kind: kind('jumper'),
    block: plainText(20).defined('must name a block'),
    options: options(),
  }).noUnknown(unknownField),
};

const form = lazy((value: { kind?: unknown } | undefined) => {
  const schema = typeof value?.kind === 'string' && Object.hasOwn(FORMS, value.kind) ? FORMS[value.kind] : undefined;
  return schema ?? mixed().test('kind', `must have a kind: ${Object.keys(FORMS).join(', ')}`, () => false);
});

const conditionAt = (depth: number): Schema =>
  lazy((value: unknown) => {
    if (value === undefined) return mixed();
    if (!isRecord(value)) return mixed().test('condition', 'must be a condition', () => false);
    if (depth > DEEPEST_CONDITION) return mixed().test('depth', 'is nested too deep', () => false);
    const parts = () =>
      array(conditionAt(depth + 1) as never)
        .min(1, 'must have a condition')
        .max(20)
        .required();
    if ('all' in value) return object({ all: parts() }).noUnknown(unknownField);
    if ('any' in value) return object({ any: parts() }).noUnknown(unknownField);
    return object({
      entry: text(40),
      scope: plainText(40),
      is: array(text(40)).max(MOST_OPTIONS).required('must be a list of codes'),
    }).noUnknown(unknownField);
  }) as unknown as Schema;

const entry = object({
  code: plainText(40).defined('must be text'),
  label: plainText(160).defined('must be text'),
  scope: plainText(40).defined('must name a scope'),
  path: plainText(160),
  form,
  shownWhen: conditionAt(0),
  factory: plainText(40),
  isLasting: boolean(),
  note: plainText(400),
}).noUnknown(unknownField);

/** The structure of a controller profile from outside. `profileProblems` checks whether it makes sense. */
export const profileSchema = object({
  format: string().oneOf([PROFILE_FORMAT], `must be "${PROFILE_FORMAT}"`).required(`must be "${PROFILE_FORMAT}"`),
  fileVersion: number()
    .oneOf([PROFILE_FILE_VERSION], `must be ${PROFILE_FILE_VERSION}; a newer version of the application made it`)
    .required('must be given'),
  id: string()
    .typeError('must be text')
    .matches(/^[a-z0-9][a-z0-9-]{2,59}$/, 'must be small letters, digits and hyphens, 3 to 60 of them')
    .required('must be given'),
  name: plainText(80).defined('must be text'),
  role: mixed<ControllerRole>()
    .oneOf(CONTROLLER_ROLES, `must be one of ${CONTROLLER_ROLES.join(', ')}`)
    .required('must be given'),
  about: plainText(600).defined('must be text'),
  scopes: array(object({ id: text(40), label: text(80) }).noUnknown(unknownField))
    .max(10)
    .required('must be a list of scopes'),
  before: steps(),
  enter: steps(),
  save: steps(),
  activate: steps(),
  readBack: steps(),
  delays: array(
    object({ label: text(160), seconds: finite().min(0).max(86_400).required('must be given') }).noUnknown(
      unknownField,
    ),
  )
    .max(30)
    .required('must be a list of delays'),
  banks: array(
    object({
      id: text(20),
      label: text(80),
      switches: number().integer().min(1).max(12).required('must be given'),
    }).noUnknown(unknownField),
  )
    .max(12)
    .required('must be a list of switch banks'),
  jumpers: array(
    object({ id: text(20), label: text(80), pins: array(text(20)).max(12).required() }).noUnknown(unknownField),
  )
    .max(12)
    .required('must be a list of jumper blocks'),
  entries: array(entry)
    .max(MOST_ENTRIES, `must be at most ${MOST_ENTRIES} entries`)
    .required('must be a list of entries'),
}).noUnknown(unknownField);

/** Validates the structure of a profile. */
export const parseProfile = (input: unknown): Parsed<ControllerProfile> => {
  const parsed = parseWith(profileSchema, input);
  return parsed.ok ? { ok: true, value: parsed.value as unknown as ControllerProfile } : parsed;
};
