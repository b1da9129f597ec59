import { type AnyObject, array, boolean, mixed, object, type ObjectShape } from 'yup';
import { bounded, plainText } from '../border/schema';
import type { Severity } from '../job/finding';
import { idSchema } from '../job/id-schema';
import type { Imported } from '../job/stored-job';
import { timeSchema } from '../job/time-schema';
import type { Grade } from '../startup/step';
import type { HandoverRecord } from './record';

/** A handover record, as printed at the time. */
export interface KeptHandover {
  /** Where it was imported from; missing: signed here. */
  readonly imported?: Imported;
  readonly id: string;
  readonly handedOverAt: string;
  readonly author: string;
  /** Core version that produced it. */
  readonly coreVersion: string;
  readonly record: HandoverRecord;
}

const words = (most = 4000) => plainText(most).defined('must be text');
const time = () => timeSchema.required('must be given');
const maybe = () => plainText(400).nullable().defined('must be text, or null');
const shape = <S extends ObjectShape>(members: S) => object(members).noUnknown('contains an unknown field');
const listOf = <S extends ObjectShape>(members: S, most = 500) =>
  array(shape(members).required('must be given')).max(most, `must be at most ${most}`).required('must be a list');
const textList = (most = 500) => array(words().required()).max(most).required('must be a list');
const spell = <S extends AnyObject>(more: S) => shape({ from: time(), to: time(), people: words(), ...more });

/** A record from outside, validated. */
export const recordSchema = shape({
  name: words(),
  address: words(),
  elevation: words(),
  visit: shape({ reason: words(), began: time() }).nullable().defined('must be given, or null'),
  outdoorF: bounded(-200, 200, '°F').required('must be given'),
  stops: array(words().required()).max(100).optional(),
  shutOff: plainText(4000).optional(),
  open: listOf({
    severity: mixed<Severity>()
      .oneOf(['error', 'warning', 'advice', null as never], 'must be error, warning, advice or null')
      .nullable()
      .defined('must be given, or null'),
    words: words(),
  }),
  taken: spell({ instruments: words() }).nullable().defined('must be given, or null'),
  tally: words(),
  imported: plainText(400).optional(),
  measured: array(words().required()).max(100).optional(),
  trouble: array(words().required()).max(500).optional(),
  returns: array(words().required()).max(200).optional(),
  changeout: shape({ was: textList(), moves: textList() }).optional().default(undefined),
  steps: listOf({
    title: words(),
    readings: listOf({
      label: words(),
      expected: words(),
      read: words(),
      before: words().optional(),
      isCorrected: boolean().typeError('must be true or false').required('must be true or false'),
      grade: mixed<Grade>()
        .oneOf(['pass', 'warn', 'fail', 'noted'], 'must be pass, warn, fail or noted')
        .required('must be given'),
      words: words(),
    }),
    done: textList(),
    leftOut: textList(),
  }),
  set: spell({}).nullable().defined('must be given, or null'),
  settings: listOf({
    controller: words(),
    rows: listOf({ code: words(), label: words(), found: maybe(), left: maybe(), readBack: maybe() }),
  }),
  calls: textList(),
  terminals: listOf({
    device: words(),
    mark: words(),
    volts: array(maybe()).max(100).required('must be a list'),
  }),
  facts: listOf({
    group: words(),
    rows: listOf({
      label: words(),
      value: words(),
      isAssumed: boolean().typeError('must be true or false').required('must be true or false'),
    }),
  }),
  homeowner: listOf({ title: words(), lines: textList() }),
});

/** A handover record from outside, validated. */
export const handoverSchema = shape({
  id: idSchema,
  handedOverAt: time(),
  author: plainText(80).defined('must be text'),
  coreVersion: plainText(80).defined('must be text'),
  record: recordSchema.required('must be given'),
  imported: shape({
    at: time(),
    by: plainText(80).defined('must be text'),
    from: plainText(200).defined('must be text'),
  })
    .optional()
    .default(undefined),
});
