import { array, boolean, mixed, object, type Schema } from 'yup';
import { bounded, plainText } from '../border/schema';
import { ALL_FACTS, type FactPath } from './document';
import type { AnyFact } from './fact';

const schemaOf = (fact: AnyFact): Schema => {
  switch (fact.kind) {
    case 'number':
      return fact.none === undefined
        ? bounded(fact.min, fact.max, fact.unit).required('must be given')
        : bounded(fact.min, fact.max, fact.unit).nullable().defined('must be given, or null');
    case 'choice':
      return mixed<string | number>()
        .oneOf(
          fact.options.map(({ value }) => value),
          `must be one of ${fact.options.map(({ label }) => label).join(', ')}`,
        )
        .required('must be chosen');
    case 'flag':
      return boolean().typeError('must be true or false').required('must be true or false');
    case 'text':
      return plainText(fact.maxLength).defined('must be text');
    case 'numbers':
      return array(bounded(fact.min, fact.max, fact.unit).required('must be given'))
        .min(fact.least, `must hold at least ${fact.least}`)
        .max(fact.most, `must hold at most ${fact.most}`)
        .required('must be a list');
    case 'records': {
      const cells = Object.entries(fact.columns).map(([name, most]) => [name, plainText(most).defined('must be text')]);
      const rows = array(
        object(Object.fromEntries(cells)).noUnknown('holds a column that is not known').required('must be a row'),
      ).max(fact.most, `must hold at most ${fact.most}`);
      return fact.none === undefined
        ? rows.required('must be a list')
        : rows.nullable().defined('must be a list, or null');
    }
    case 'table': {
      const columns = Object.entries(fact.columns).map(([name, column]) => {
        const cell = bounded(column.min, column.max, column.unit).required('must be given');
        return [name, column.step === 1 && column.unit === '' ? cell.integer('must be a whole number') : cell];
      });
      const rows = array(
        object(Object.fromEntries(columns)).noUnknown('holds a column that is not known').required('must be a row'),
      )
        .min(fact.least, `must hold at least ${fact.least}`)
        .max(fact.most, `must hold at most ${fact.most}`)
        .required('must be a list of rows');
      const { distinct } = fact;
      return distinct === undefined
        ? rows
        : rows.test(
            'distinct',
            `two rows have the same ${fact.columns[distinct]!.label.toLowerCase()}`,
            (list) => new Set(list?.map((row) => (row as Record<string, number>)[distinct])).size === list?.length,
          );
    }
  }
};

const SCHEMAS = new Map<FactPath, Schema>(ALL_FACTS.map(({ path, fact }) => [path, schemaOf(fact)]));

/** The schema of one fact's value. */
export const factSchema = (path: FactPath): Schema => SCHEMAS.get(path)!;

/** All facts. Ones that are missing get their assumption first (see `formats/job-file`). */
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
        .noUnknown(({ unknown }) => `holds a fact that is not known: ${String(unknown).slice(0, 60)}`)
        .required('must be given'),
    ]),
  ),
).noUnknown(({ unknown }) => `holds a group that is not known: ${String(unknown).slice(0, 60)}`);

/** Paths of confirmed facts. */
export const confirmedSchema = array(
  mixed<FactPath>()
    .oneOf(
      ALL_FACTS.map(({ path }) => path),
      'is not the path of a fact',
    )
    .required(),
).max(ALL_FACTS.length * 2);
