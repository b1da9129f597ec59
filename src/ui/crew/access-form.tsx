'use client';

import { useState } from 'react';
import { wantedPage } from '@/core/access/wanted-page';
import type { AtWork } from '@/core/instrument/at-work';
import { ErrorLine } from '../kit/error-line';
import { setDeviceUser } from '../offline/device-user';
import { call } from '../requests/api';

/** A field of a sign-in form. */
export interface AccessField {
  readonly name: string;
  readonly label: string;
  readonly type: 'text' | 'password';
  readonly autoComplete: string;
  /** Hint below it. */
  readonly hint?: string;
}

/** Page after sign-in: the requested one, within this application. */
const wanted = (): string =>
  wantedPage(new URLSearchParams(window.location.search).get('to') ?? '/', window.location.origin);

/** A form that signs someone in, or says why not. Typed text stays. */
export const AccessForm = ({
  to,
  fields,
  also = {},
  button,
}: {
  to: string;
  fields: readonly AccessField[];
  also?: Readonly<Record<string, string>>;
  button: string;
}) => {
  const [problem, setProblem] = useState('');
  const [isBusy, setBusy] = useState(false);
  const send = async (event: React.FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = Object.fromEntries(new FormData(event.currentTarget)) as Record<string, string>;
    setBusy(true);
    const answer = await call<{ who: AtWork }>(to, { method: 'POST', body: { ...typed, ...also } });
    if (answer.kind === 'ok') {
      setDeviceUser(answer.value.who);
      // A full page load: nothing of the previous person stays on the page.
      return window.location.assign(wanted());
    }
    setBusy(false);
    setProblem(answer.error);
  };
  return (
    <form onSubmit={send} className="grid max-w-md grid-cols-1 gap-3">
      {fields.map(({ name, label, hint, ...rest }) => (
        <label key={name} className="grid grid-cols-1">
          <span className="eyebrow">{label}</span>
          <input name={name} required maxLength={200} className="field-box min-h-12 text-lg" {...rest} />
          {hint && <span className="text-sm text-quiet">{hint}</span>}
        </label>
      ))}
      <ErrorLine problem={problem} />
      <button type="submit" disabled={isBusy} className="strong-button min-h-12 justify-center">
        {button}
      </button>
    </form>
  );
};
