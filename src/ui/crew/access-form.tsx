'use client';

import { firstStartSchema, newPasswordSchema, signInSchema } from '@/core/access/forms';
import { wantedPage } from '@/core/access/wanted-page';
import type { AtWork } from '@/core/instrument/at-work';
import { ErrorLine } from '../kit/error-line';
import { FormField } from '../kit/form-field';
import { useSentForm } from '../kit/use-sent-form';
import { setDeviceUser } from '../offline/device-user';
import { call } from '../requests/api';

/** Ways to get in: the address, the schema, and the fields that are checked. */
const WAYS = {
  'sign-in': { to: '/api/sign-in', schema: signInSchema },
  join: { to: '/api/join', schema: newPasswordSchema },
  'first-start': { to: '/api/first-start', schema: firstStartSchema },
} as const;

/** A field of a sign-in form. */
export interface AccessField {
  readonly name: 'crew' | 'name' | 'password';
  readonly label: string;
  readonly type: 'text' | 'password';
  readonly autoComplete: string;
  /** Hint below it. */
  readonly hint?: string;
}

/** Page after sign-in: the requested one, within this application. */
const wanted = (): string =>
  wantedPage(new URLSearchParams(window.location.search).get('to') ?? '/', window.location.origin);

interface AccessFormProps {
  readonly way: keyof typeof WAYS;
  readonly fields: readonly AccessField[];
  /** Sent along, as the token of a link. */
  readonly also?: Readonly<Record<string, string>>;
  readonly button: string;
}

/** A form that signs someone in, or says why not. Typed text stays. */
export const AccessForm = ({ way, fields, also = {}, button }: AccessFormProps) => {
  const { to, schema } = WAYS[way];
  const { register, submit, isSubmitting, isSubmitSuccessful, problem, problemOf } = useSentForm({
    schema: schema as typeof firstStartSchema,
    send: async (values) => {
      const answer = await call<{ who: AtWork }>(to, { method: 'POST', body: { ...values, ...also } });
      if (answer.kind === 'lost') return { error: answer.error, path: '' };
      if (answer.kind === 'refused') return answer;
      setDeviceUser(answer.value.who);
      // A full page load: nothing of the previous person stays on the page.
      window.location.assign(wanted());
      return null;
    },
  });
  return (
    <form onSubmit={submit} noValidate className="grid max-w-md grid-cols-1 gap-3">
      {fields.map(({ name, label, ...rest }) => (
        <FormField
          key={name}
          label={label}
          named={label}
          problem={problemOf(name)}
          required
          maxLength={200}
          {...rest}
          {...register(name)}
        />
      ))}
      <ErrorLine problem={problem} />
      <button
        type="submit"
        disabled={isSubmitting || isSubmitSuccessful}
        className="strong-button min-h-12 justify-center"
      >
        {button}
      </button>
    </form>
  );
};
