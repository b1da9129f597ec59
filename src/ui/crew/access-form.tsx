'use client';

import { useState } from 'react';
import type { AtWork } from '@/core/access/at-work';
import { wantedPage } from '@/core/access/wanted-page';
import { ErrorLine } from '../kit/error-line';
import { setDeviceUser } from '../offline/device-user';
import { call } from '../requests/api';

/** A field of a form that lets people in. */
export interface AccessField {
  readonly name: string;
  readonly label: string;
  readonly type: 'text' | 'password';
  readonly autoComplete: string;
  /** What is said under it. */
  readonly hint?: string;
}

/** Where someone who is let in goes: the page that he wanted, of this application alone. */
const wanted = (): string =>
  wantedPage(new URLSearchParams(window.location.search).get('to') ?? '/', window.location.origin);

/** A form that lets someone in, or says why not. What was typed stays. */
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
      // A whole load: nothing of whoever was here before stays on the page.
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
