'use client';

import { type CallId, CALLS } from '@/core/control/moment';
import { type Key, KEYS } from '@/core/practice/act';
import type { ThermostatMenu } from '@/core/practice/thermostat-menu';
import type { Seeable } from '@/core/practice/view';
import { LocalizedDegrees } from '../degrees/degrees';
import { EntryDisplay } from './face/entry-display';
import { Steps } from './face/steps';

interface FaceProps {
  readonly call: CallId;
  readonly calls: readonly CallId[];
  readonly isBusy: boolean;
  readonly onCall: (call: CallId) => void;
}

/** Calls possible here: at the thermostat, or a forced defrost at the outdoor board. */
export const ThermostatFace = ({ call, calls, isBusy, onCall }: FaceProps) => (
  <section aria-label="Call" className="rounded border-2 border-line-strong bg-sheet p-3">
    <p className="eyebrow">Set to</p>
    <p className="mb-2 font-mono text-2xl">{CALLS[call].label}</p>
    <div role="group" aria-label="Call" className="flex flex-wrap gap-2">
      {calls.map((each) => (
        <button
          key={each}
          type="button"
          disabled={isBusy}
          aria-pressed={each === call}
          className="plain-button min-h-11 aria-pressed:bg-ink aria-pressed:text-paper"
          onClick={() => onCall(each)}
        >
          {CALLS[each].short}
        </button>
      ))}
    </div>
  </section>
);

interface MenuProps {
  readonly menu: ThermostatMenu;
  /** Settings readable at the displayed entry. */
  readonly looks: readonly Seeable[];
  readonly isBusy: boolean;
  readonly onKey: (key: Key) => void;
  readonly onSee: (id: string) => void;
}

/** The thermostat’s own menus to browse: each setting is read at its entry and compared with the card. */
export const SetupMenu = ({ menu, looks, isBusy, onKey, onSee }: MenuProps) => {
  const key = (which: Key, words: string) => (
    <button type="button" disabled={isBusy} className="plain-button" onClick={() => onKey(which)}>
      {words}
    </button>
  );
  const { entry, wanted, isIn, isReady, name } = menu;
  return (
    <section
      aria-label="Thermostat’s setup"
      className="grid grid-cols-1 gap-2 rounded border-2 border-line-strong bg-sheet p-3"
    >
      {isIn ? (
        <>
          <div role="status" aria-label="Display" className="min-h-32 bg-ink px-4 py-3 text-paper">
            {entry ? (
              <EntryDisplay entry={entry} />
            ) : (
              <p className="font-mono text-3xl">
                Setup<span className="block font-sans text-sm">Go to the first entry.</span>
              </p>
            )}
          </div>
          {entry && (
            <p>
              The card calls for:{' '}
              <b className="font-mono">{wanted === null ? 'nothing' : <LocalizedDegrees>{wanted}</LocalizedDegrees>}</b>
            </p>
          )}
          {looks.map(({ id, words, seen }) => (
            <button
              key={id}
              type="button"
              disabled={isBusy}
              className="strong-button py-1 text-left whitespace-normal"
              onClick={() => onSee(id)}
            >
              {seen === null ? `Write down: ${words}` : `${words}: ${seen}`}
            </button>
          ))}
          <div role="group" aria-label="Keys" className="grid grid-cols-2 gap-2">
            {key('back', KEYS.back)}
            {key('next', KEYS.next)}
          </div>
          {key('leave', 'Leave its setup')}
        </>
      ) : (
        <details>
          <summary className="min-h-11 cursor-pointer py-2 text-link">Open thermostat setup ({name})</summary>
          <div className="grid grid-cols-1 gap-2">
            {!isReady && (
              <>
                <Steps steps={menu.before} />
                {key('before', 'Do this first')}
              </>
            )}
            <Steps steps={menu.enter} />
            {key('enter', 'Open its setup')}
          </div>
        </details>
      )}
    </section>
  );
};
