import { array, mixed, object, type Schema } from 'yup';
import { ALL_FACTS, type FactPath } from './document';
import type { AnyFact } from './fact';
import { factError } from './wrong-fact';

/** Schema of one fact’s value; core provides the error text. */
const schemaOf = (fact: AnyFact): Schema =>
  mixed()
    .nullable()
    .test({
      name: 'fact',
      test: (value, context) => {
        const wrong = factError(fact, value);
        return (
          wrong === null || context.createError({ path: `${context.path ?? ''}${wrong.at}`, message: wrong.error })
        );
      },
    });

const SCHEMAS = new Map<FactPath, Schema>(ALL_FACTS.map(({ path, fact }) => [path, schemaOf(fact)]));

/** The schema of one fact's value. */
export const factSchema = (path: FactPath): Schema => SCHEMAS.get(path)!;

/** All facts. Missing ones get their assumption first (see `formats/job-file`). */
export const factsSchema = object(
  Object.fromEntries(
    [...new Set(ALL_FACTS.map(({ group }) => group))].map((group) => [
      group,
      object(
        Object.fromEntries(
          ALL_FACTS.filter((entry) => entry.group === group).map(({ path }) => [
            path.slice(group.length + 1),
            factSchema(path),
          ]),
        ),
      )
        .noUnknown(({ unknown }) => `contains an unknown fact: ${String(unknown).slice(0, 60)}`)
        .required('must be given'),
    ]),
  ),
).noUnknown(({ unknown }) => `contains an unknown group: ${String(unknown).slice(0, 60)}`);

/** Paths of confirmed facts. */
export const confirmedSchema = array(
  mixed<FactPath>()
    .oneOf(
      ALL_FACTS.map(({ path }) => path),
      'is not the path of a fact',
    )
    .required(),
).max(ALL_FACTS.length * 2);
