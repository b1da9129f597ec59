'use client';

import { toast } from 'sonner';
import { call } from '../api';

const WAYS = [
  { label: 'Sign out', everywhere: false },
  { label: 'Sign out everywhere', everywhere: true },
] as const;

/** Ends the session of this device, or of every device. */
export const SignOut = () => {
  const leave = async (everywhere: boolean) => {
    const answer = await call('/api/sign-out', { method: 'POST', body: { everywhere } });
    if (answer.kind === 'ok') window.location.assign('/sign-in');
    else toast(answer.error);
  };
  return (
    <>
      {WAYS.map(({ label, everywhere }) => (
        <button key={label} type="button" className="plain-button" onClick={() => leave(everywhere)}>
          {label}
        </button>
      ))}
    </>
  );
};
