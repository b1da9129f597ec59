'use client';

import { clearDevice } from '../offline/clear-device';

const WAYS = [
  { label: 'Sign out', everywhere: false },
  { label: 'Sign out everywhere', everywhere: true },
] as const;

/** Ends the session of this device, or of all devices. */
export const SignOut = () => {
  const leave = async (everywhere: boolean) => {
    const waits = await clearDevice(everywhere);
    window.location.assign(waits === 0 ? '/sign-in' : `/sign-in?waits=${waits}`);
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
