'use client';

import { useState } from 'react';
import { SAMPLES } from '@/core/samples';
import {
  codesOf,
  entryAt,
  type Face,
  type FaceAct,
  faceOf,
  restartSecondsLeft,
  shownCode,
  workFace,
} from '@/core/setup/face/face';
import { cardOnFace, isMet } from '@/core/setup/face/follow';
import { shownEntry } from '@/core/setup/face/shown';
import { type ControllerProfile, entryKey } from '@/core/setup/profiles/profile';
import { resolveSettings } from '@/core/setup/resolve';
import { HeaderWithBack } from '../../kit/header-with-back';
import { LabeledSelect } from '../../kit/labeled-select';
import { minutesText } from '../words';
import { CardBeside } from './card-beside';
import { EntryDisplay } from './entry-display';
import { Steps } from './steps';

const Display = ({ face }: { face: Face }) => {
  const entry = shownEntry(face);
  return (
    <div role="status" aria-label="Display" className="min-h-36 bg-ink px-4 py-3 text-paper">
      {entry ? (
        <EntryDisplay entry={entry} />
      ) : (
        <>
          <p className="font-mono text-3xl">{face.isIn ? 'Setup' : '· ·'}</p>
          <p className="text-sm">
            {restartSecondsLeft(face) > 0
              ? `Restarting: no calls for ${minutesText(restartSecondsLeft(face))}. Not a fault.`
              : face.isIn
                ? 'Go to the first entry.'
                : 'No menu is open.'}
          </p>
        </>
      )}
    </div>
  );
};

/** A simulated controller: its own menus, operated by keys, next to a house's card. */
export const FacePage = ({ profile }: { profile: ControllerProfile }) => {
  const [houseId, setHouse] = useState<string>(SAMPLES[0]!.id);
  const [face, setFace] = useState(() => faceOf(profile));
  const [why, setWhy] = useState<string | null>(null);
  const { facts } = SAMPLES.find(({ id }) => id === houseId)!;
  const settings = resolveSettings({ facts, confirmed: new Set() });
  const card = cardOnFace(face, settings);
  const wanted = card.lines.map((line) => isMet(face, line)).filter((met) => met !== null);
  const met = wanted.filter(Boolean).length;
  const act = (what: FaceAct) => {
    const done = workFace(face, what);
    if (done.ok) setFace(done.face);
    setWhy(done.ok ? null : done.why);
  };
  const entry = entryAt(face);
  const codes = entry ? codesOf(entry) : [];
  const at = entry ? codes.indexOf(shownCode(face, entryKey(entry.scope, entry.code))) : -1;
  const turn = (by: 1 | -1) => {
    const next = codes[(at + by + codes.length) % codes.length];
    if (next === undefined) setWhy('No entry is shown.');
    else act({ kind: 'turn', code: next });
  };
  return (
    <main className="mx-auto max-w-6xl px-3 py-3 sm:px-6">
      <HeaderWithBack to="/practice" toLabel="Practice" title={`${profile.name} on the bench`} />
      <p className="mt-2 text-quiet">{profile.about}</p>
      <div className="mt-4 grid grid-cols-1 items-start gap-x-8 gap-y-5 lg:grid-cols-2 landscape:grid-cols-2">
        <section
          aria-label="Controller"
          className="grid grid-cols-1 gap-3 rounded border-2 border-line-strong bg-sheet p-3"
        >
          <Display face={face} />
          <div role="group" aria-label="Keys" className="grid grid-cols-2 gap-2">
            <button type="button" className="plain-button" onClick={() => act({ kind: 'back' })}>
              Previous entry
            </button>
            <button type="button" className="plain-button" onClick={() => act({ kind: 'next' })}>
              Next entry
            </button>
            <button type="button" className="plain-button" onClick={() => turn(-1)}>
              Value down
            </button>
            <button type="button" className="plain-button" onClick={() => turn(1)}>
              Value up
            </button>
          </div>
          {why !== null && (
            <p role="alert" className="font-medium text-warn">
              {why}
            </p>
          )}
          {profile.before.length > 0 && (
            <div>
              <Steps steps={profile.before} />
              <button type="button" className="plain-button mt-1" onClick={() => act({ kind: 'before' })}>
                {face.isReady ? 'Done: ready' : 'Do this first'}
              </button>
            </div>
          )}
          <div>
            <Steps steps={profile.enter} />
            <button
              type="button"
              className="plain-button mt-1"
              onClick={() => act({ kind: face.isIn ? 'leave' : 'enter' })}
            >
              {face.isIn ? 'Leave without saving' : 'Open its setup'}
            </button>
          </div>
          {profile.save.length > 0 && (
            <div>
              <Steps steps={profile.save} />
              <div className="mt-1 flex flex-wrap gap-2">
                {profile.scopes.map(({ id, label }) => (
                  <button
                    key={id}
                    type="button"
                    className="plain-button"
                    onClick={() => act({ kind: 'save', scope: id })}
                  >
                    Save{profile.scopes.length > 1 ? `: ${label}` : ''}
                  </button>
                ))}
              </div>
            </div>
          )}
          {profile.activate.length > 0 && (
            <div>
              <Steps steps={profile.activate} />
              <button type="button" className="plain-button mt-1" onClick={() => act({ kind: 'activate' })}>
                Activate
              </button>
            </div>
          )}
          {restartSecondsLeft(face) > 0 && (
            <button
              type="button"
              className="plain-button"
              onClick={() => act({ kind: 'wait', seconds: restartSecondsLeft(face) })}
            >
              Wait for restart
            </button>
          )}
        </section>
        <section aria-label="Card" className="grid grid-cols-1 gap-3">
          <LabeledSelect
            label="House"
            place="beside"
            value={houseId}
            options={SAMPLES.map(({ id, about }) => ({ value: id, label: about }))}
            onChoose={setHouse}
          />
          <p role="status" className="text-lg font-medium">
            {met} of {wanted.length} set per the card and active.
          </p>
          <CardBeside card={card} face={face} />
          <button
            type="button"
            className="plain-button justify-self-start"
            onClick={() => {
              setFace(faceOf(profile));
              setWhy(null);
            }}
          >
            Reset to factory settings
          </button>
        </section>
      </div>
    </main>
  );
};
