import { boolean, number, object, type ObjectSchema, string } from 'yup';
import { plainText } from '../border/schema';
import { idSchema } from '../job/id-schema';
import { timeSchema } from '../job/time-schema';
import type { Played } from './progress';

/** Maximum believable round time, s: a day. */
const LONGEST_S = 86_400;
const MOST_READINGS = 10_000;

/** Minimum round time: the database's resolution, s. */
const SHORTEST_S = 1e-6;

const seconds = () =>
  number()
    .min(0)
    .max(LONGEST_S)
    .required('must be given')
    .test('shortest', 'must be 0, or at least a millionth of a second', (value) => value === 0 || value >= SHORTEST_S);
const count = () => number().integer('must be a whole number').min(0).max(MOST_READINGS).required('must be given');

/** What is stored about a practice round. */
export const playedFields = {
  id: idSchema,
  round: plainText(80).required('must name a round'),
  seed: number().integer('must be a whole number').min(1).max(999_999).required('must be given'),
  isEndless: boolean().required('must be true or false'),
  title: plainText(120).required('must be given'),
  at: timeSchema.required('must be given'),
  result: string()
    .oneOf(
      ['found', 'guessed', 'wrong', 'unsafe'] as const satisfies readonly Played['result'][],
      'is no result of a round',
    )
    .required('must be given'),
  seconds: seconds(),
  bestSeconds: seconds(),
  bestReadings: count(),
  readings: count(),
  toldNothing: count(),
};

/** A practice round from outside, validated. */
export const playedSchema: ObjectSchema<Played> = object(playedFields).noUnknown('contains an unknown field');
