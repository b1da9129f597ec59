'use client';

import { useState } from 'react';
import { HeaderWithBack } from '../kit/header-with-back';
import { tryPin } from './pin';
import { PinField } from './pin-field';

const waitWords = (seconds: number) => (seconds < 90 ? `${seconds} s` : `${Math.ceil(seconds / 60)} min`);

/** Asks for the device owner's PIN before showing their jobs offline. */
export const PinGate = ({ name, personId, onOpen }: { name: string; personId: string; onOpen: () => void }) => {
  const [pin, setPin] = useState('');
  const [problem, setProblem] = useState('');
  const [isTrying, setTrying] = useState(false);
  const open = async () => {
    setTrying(true);
    const tried = await tryPin(personId, pin);
    setTrying(false);
    if (tried === 'right') return onOpen();
    setPin('');
    setProblem(
      tried === 'wrong'
        ? 'That is not the PIN.'
        : `Wrong PIN, or too many tries. Try again in ${waitWords(tried.waitsS)}.`,
    );
  };
  return (
    <main className="mx-auto max-w-md px-3 py-4 sm:px-6">
      <HeaderWithBack to="/" toLabel="All jobs" title={name} />
      <form
        className="mt-4"
        onSubmit={(event) => {
          event.preventDefault();
          void open();
        }}
      >
        <PinField label="PIN of this device" value={pin} isFirst onType={setPin} />
        {problem && (
          <p role="alert" className="mt-2 font-medium text-fail">
            {problem}
          </p>
        )}
        <button type="submit" className="strong-button mt-3 w-full justify-center" disabled={isTrying || pin === ''}>
          Open
        </button>
      </form>
      <p className="mt-4 text-quiet">Forgot it? Sign in when you are online and set a new one under On this device.</p>
    </main>
  );
};
