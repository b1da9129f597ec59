'use client';

import { useState } from 'react';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { toast } from '../kit/toast';
import { canHoldPin, dropPin, hasPin, PIN_DIGITS, setPin } from './pin';
import { PinField } from './pin-field';

const PinDialog = ({ personId, onClose }: { personId: string; onClose: () => void }) => {
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const [problem, setProblem] = useState('');
  const keep = async () => {
    if (!PIN_DIGITS.test(first)) return setProblem('A PIN has 4 to 8 digits.');
    if (first !== second) return setProblem('The two PINs do not match. Type them again.');
    await setPin(personId, first);
    toast('From now on this device asks for the PIN when offline.');
    onClose();
  };
  return (
    <DialogFrame title="PIN of this device" about="4 to 8 digits. Asked for only when offline." onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <PinField label="PIN" value={first} onType={setFirst} />
        <PinField label="Repeat PIN" value={second} onType={setSecond} />
        {problem && (
          <p role="alert" className="mt-2 font-medium text-fail">
            {problem}
          </p>
        )}
        <div className="mt-4 flex gap-2">
          <button type="submit" className="strong-button">
            Set it
          </button>
          <DialogClose className="plain-button">Cancel</DialogClose>
        </div>
      </form>
    </DialogFrame>
  );
};

/** Whether this device asks for a PIN before it opens offline, and how to set one. */
export const PinPart = ({ personId }: { personId: string }) => {
  const [isSetting, setSetting] = useState(false);
  const [, setLooked] = useState(0);
  if (!canHoldPin()) return null;
  const isSet = hasPin(personId);
  const close = () => {
    setSetting(false);
    setLooked((times) => times + 1);
  };
  return (
    <section aria-labelledby="pin-title" className="mt-6">
      <h2 id="pin-title" className="font-label text-xl font-semibold">
        {isSet ? 'PIN required when offline' : 'No PIN set'}
      </h2>
      <p className="mt-1 text-quiet">
        A PIN keeps anyone else using this device out of your jobs and your name. It will not stop a determined thief:
        lock the device too.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="plain-button" onClick={() => setSetting(true)}>
          {isSet ? 'Change PIN' : 'Set a PIN'}
        </button>
        {isSet && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              dropPin(personId);
              close();
            }}
          >
            Remove PIN
          </button>
        )}
      </div>
      {isSetting && <PinDialog personId={personId} onClose={close} />}
    </section>
  );
};
