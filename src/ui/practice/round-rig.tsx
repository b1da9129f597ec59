'use client';

import { useState } from 'react';
import { type Act, type Shortcut, SHORTCUTS } from '@/core/practice/act';
import { PLACE_WORDS, PLACES } from '@/core/practice/places';
import type { NamedCause, RoundView } from '@/core/practice/view';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { NameDialog } from './name-dialog';
import { SetupMenu, ThermostatFace } from './thermostat-face';
import { ToolBench } from './tool-bench';
import { minutesText } from './words';

interface RigProps {
  readonly view: RoundView;
  readonly causes: readonly NamedCause[];
  readonly why: string | null;
  readonly isBusy: boolean;
  readonly onAct: (act: Act) => void;
}

const WAITS_S = [60, 300, 900] as const;

/** The present place, and possible acts with hands. */
const Hands = ({ view, isBusy, onAct }: Pick<RigProps, 'view' | 'isBusy' | 'onAct'>) => (
  <section aria-label="Actions" className="grid grid-cols-1 gap-3">
    <div role="group" aria-label="Walk to" className="flex flex-wrap gap-2">
      {PLACES.map((place) => (
        <button
          key={place}
          type="button"
          disabled={isBusy}
          aria-pressed={place === view.place}
          className="plain-button min-h-11 aria-pressed:bg-ink aria-pressed:text-paper"
          onClick={() => place !== view.place && onAct({ kind: 'walk', to: place })}
        >
          At {PLACE_WORDS[place]}
        </button>
      ))}
    </div>
    {view.calls.length > 0 && (
      <ThermostatFace
        call={view.call}
        calls={view.calls}
        isBusy={isBusy}
        onCall={(call) => onAct({ kind: 'call', call })}
      />
    )}
    {view.menu && (
      <SetupMenu
        menu={view.menu}
        looks={view.here.filter(({ isInMenu }) => isInMenu)}
        isBusy={isBusy}
        onKey={(key) => onAct({ kind: 'keys', key })}
        onSee={(id) => onAct({ kind: 'probe', id })}
      />
    )}
    <div role="group" aria-label="Panel and supplies" className="flex flex-wrap gap-2">
      <button
        type="button"
        className="plain-button"
        disabled={isBusy || view.isOpen}
        onClick={() => onAct({ kind: 'open' })}
      >
        {view.isOpen ? 'Panel is off' : 'Remove the panel'}
      </button>
      <button
        type="button"
        className="plain-button"
        disabled={isBusy}
        onClick={() => onAct({ kind: view.isDead ? 'energize' : 'isolate' })}
      >
        {view.isDead ? 'Restore power' : 'Open, lock out, verify dead'}
      </button>
    </div>
    <div role="group" aria-label="Wait" className="flex flex-wrap items-center gap-2">
      {WAITS_S.map((seconds) => (
        <button
          key={seconds}
          type="button"
          disabled={isBusy}
          className="plain-button"
          onClick={() => onAct({ kind: 'wait', seconds })}
        >
          Wait {seconds / 60} min
        </button>
      ))}
      {view.waitS > 0 && (
        <span className="text-sm text-quiet">Compressor minimum off time: {minutesText(view.waitS)} left.</span>
      )}
    </div>
  </section>
);

/** Acts so far, latest first. */
const Notes = ({ view }: { view: RoundView }) => (
  <section aria-labelledby="notes">
    <h2 id="notes" className="section-head">
      Done so far
    </h2>
    <ol>
      {view.done.toReversed().map(({ words, seconds, seen }, at) => (
        <li key={view.done.length - at} className="flex justify-between gap-3 border-b border-line py-1 text-sm">
          <span>
            {words}
            {seen !== null && (
              <>
                {': '}
                <b className="font-mono">
                  <LocalizedDegrees>{seen}</LocalizedDegrees>
                </b>
              </>
            )}
          </span>
          <span className="shrink-0 font-mono text-quiet">{minutesText(seconds)}</span>
        </li>
      ))}
    </ol>
  </section>
);

/** A round in progress: the house, the tool, and acts so far. */
export const RoundRig = ({ view, causes, why, isBusy, onAct }: RigProps) => {
  const [isNaming, setNaming] = useState(false);
  const { text } = useDegrees();
  return (
    <div className="grid grid-cols-1 items-start gap-x-8 gap-y-5 landscape:grid-cols-2 lg:landscape:grid-cols-[2fr_3fr_2fr]">
      <div className="grid grid-cols-1 gap-4">
        <div>
          <p className="text-lg">“{view.says}”</p>
          <p className="text-sm text-quiet">
            {text(view.outdoorF)} outdoors. {minutesText(view.seconds)} on the clock.
          </p>
        </div>
        <Hands view={view} isBusy={isBusy} onAct={onAct} />
        {why !== null && (
          <p role="alert" className="font-medium text-warn">
            {why}
          </p>
        )}
      </div>
      <ToolBench
        view={view}
        isBusy={isBusy}
        onSee={(id) => onAct({ kind: 'probe', id })}
        onMeter={(held) => onAct({ kind: 'meter', ...held })}
      />
      <div className="grid grid-cols-1 gap-4">
        <button type="button" className="strong-button" disabled={isBusy} onClick={() => setNaming(true)}>
          Name the cause
        </button>
        <details>
          <summary className="min-h-11 cursor-pointer py-2 text-sm text-link">Get them heat for tonight</summary>
          <div className="flex flex-wrap gap-2">
            {(Object.keys(SHORTCUTS) as Shortcut[]).map((shortcut) => (
              <button
                key={shortcut}
                type="button"
                className="plain-button"
                disabled={isBusy}
                onClick={() => onAct({ kind: 'shortcut', shortcut })}
              >
                {SHORTCUTS[shortcut].words}
              </button>
            ))}
          </div>
        </details>
        <Notes view={view} />
      </div>
      {isNaming && (
        <NameDialog
          causes={causes}
          onName={(named) => {
            setNaming(false);
            onAct({ kind: 'name', causes: named });
          }}
          onClose={() => setNaming(false)}
        />
      )}
    </div>
  );
};
