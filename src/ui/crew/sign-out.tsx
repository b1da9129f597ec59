'use client';

import { letAllGo } from '../along/device';
import { dropPin } from '../along/pin';
import { forgetWho, keptWho } from '../along/who';
import { call } from '../api';
import { toast } from '../toast';

const WAYS = [
  { label: 'Sign out', everywhere: false },
  { label: 'Sign out everywhere', everywhere: true },
] as const;

/** Ends the session of this device, or of every device. */
export const SignOut = () => {
  const leave = async (everywhere: boolean) => {
    const answer = await call('/api/sign-out', { method: 'POST', body: { everywhere } });
    if (answer.kind !== 'ok') return toast(answer.error);
    // What waits to be sent stays; what was only kept goes with whoever it was kept for.
    const who = keptWho();
    if (who) dropPin(who.personId);
    forgetWho();
    await letAllGo();
    window.location.assign('/sign-in');
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
