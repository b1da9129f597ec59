'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { type DefaultValues, type FieldValues, type Path, useForm } from 'react-hook-form';
import type { ObjectSchema } from 'yup';

/** Why what was sent was refused; the path names a field, or nothing. */
export interface FormRefusal {
  readonly error: string;
  readonly path: string;
}

interface SentForm<Values extends FieldValues> {
  readonly schema: ObjectSchema<Values>;
  /** Left out where someone may have typed before the page was alive: what they typed stays. */
  readonly defaultValues?: DefaultValues<Values>;
  /** Sends the form; null where it is done. */
  readonly send: (values: Values) => Promise<FormRefusal | null>;
}

/**
 * A form with a submit button: checked by the schema that the server has, refused by the server at the field it is
 * about, and what was typed stays.
 */
export const useSentForm = <Values extends FieldValues>({ schema, defaultValues, send }: SentForm<Values>) => {
  const form = useForm<Values>({
    resolver: yupResolver(schema) as never,
    ...(defaultValues === undefined ? {} : { defaultValues }),
  });
  const { errors, isSubmitting, isSubmitSuccessful } = form.formState;
  const submit = form.handleSubmit(async (values) => {
    const refusal = await send(values as Values);
    if (!refusal) return;
    const isField = refusal.path in schema.fields;
    form.setError(isField ? (refusal.path as Path<Values>) : 'root', { message: refusal.error });
  });
  return {
    ...form,
    submit,
    isSubmitting,
    isSubmitSuccessful,
    /** Error of a field; empty: none. */
    problemOf: (name: Path<Values>): string => String(errors[name]?.message ?? ''),
    /** Error of the whole form; empty: none. */
    problem: errors.root?.message ?? '',
  };
};
