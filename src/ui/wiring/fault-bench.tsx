'use client';

import { wrap } from 'comlink';
import { useMemo, useState } from 'react';
import { type FaultCode, NO_FAULTS, withFault } from '@/core/control/scenario';
import type { FaultEffectRow } from '@/core/diagnosis/fault-bench';
import type { Facts } from '@/core/job/document';
import { capital } from '@/core/units/capital';
import { NO_CHANGE } from '@/core/wiring/consequence';
import type { WiringWorker } from '@/workers/wiring.worker';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { useDebouncedMoment } from '../job/use-debounced-moment';
import { FailedTask } from '../kit/failed-task';
import { useWorkerTask } from '../loading/use-worker-task';
import { startedWorker, workerTask } from '../loading/worker-task';

interface Asked {
  readonly facts: Facts;
  readonly outdoorF: number;
}

const startWiringWorker = () =>
  startedWorker<WiringWorker>(
    new Worker(new URL('../../workers/wiring.worker.ts', import.meta.url), { type: 'module' }),
    wrap,
  );

const begin = workerTask<Asked, readonly FaultEffectRow[], WiringWorker>(
  startWiringWorker,
  async (remote, { facts, outdoorF }, { onAnswer }) =>
    onAnswer(await remote.faultTable(facts, { outdoorF, indoorF: 68, call: 'off', scenario: NO_FAULTS }), true),
);

/** Every single fault and its effects, from a worker. */
const useFaultTable = (facts: Facts, outdoorF: number, isWanted: boolean) =>
  useWorkerTask(
    useMemo(() => (isWanted ? { facts, outdoorF } : null), [facts, outdoorF, isWanted]),
    begin,
    0,
  );

/** Faults by consequence, largest groups first; “no change” comes last. */
const byConsequence = (rows: readonly FaultEffectRow[]) => {
  const groups = new Map<string, FaultEffectRow[]>();
  for (const row of rows) groups.set(row.consequence, [...(groups.get(row.consequence) ?? []), row]);
  const rank = (consequence: string) => (consequence === NO_CHANGE ? 1 : 0);
  return [...groups].sort(([one, alike], [other, others]) => rank(one) - rank(other) || others.length - alike.length);
};

/** Every single fault and its effects; one can be simulated on the bench. */
export const FaultBench = () => {
  const facts = useJob((job) => job.facts);
  const moment = useDebouncedMoment();
  const setMoment = useJob((job) => job.setMoment);
  const { text } = useDegrees();
  const isTried = (code: FaultCode) => moment.scenario.faults.includes(code);
  const [isOpen, setIsOpen] = useState(false);
  const [sought, setSought] = useState('');
  const { answer: rows, hasFailed, again } = useFaultTable(facts, moment.outdoorF, isOpen);
  const shown = rows?.filter(({ words, effects }) =>
    `${words} ${effects.join(' ')}`.toLowerCase().includes(sought.toLowerCase()),
  );
  return (
    <details className="mt-6" open={isOpen} onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary className="min-h-11 part-head">What each fault would do</summary>
      {isOpen && rows === null && !hasFailed && <p role="status">Calculating…</p>}
      {isOpen && hasFailed && <FailedTask words="The faults could not be calculated." onAgain={again} />}
      {shown && (
        <>
          <input
            aria-label="Find a fault"
            placeholder="Find: chatters, contactor, white…"
            className="field-box mb-2 w-full max-w-md"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
          <p className="text-sm text-quiet">
            {shown.length} of {rows!.length} faults, in every call at {text(moment.outdoorF)} out.
          </p>
          <ul aria-label="Faults">
            {byConsequence(shown).map(([consequence, alike]) => (
              <li key={consequence} className="border-b border-line">
                <details open={sought !== '' || alike.some(({ code }) => isTried(code))}>
                  <summary className="flex min-h-11 items-center gap-3">
                    <span className="font-medium">{capital(consequence)}</span>
                    <span className="font-mono text-sm text-quiet">{alike.length}</span>
                  </summary>
                  <ul className="columns-1 gap-8 lg:columns-2">
                    {alike.map(({ code, words, effects, confirm, fix }) => (
                      <li
                        key={code}
                        className="mb-1 flex break-inside-avoid items-start justify-between gap-2 border-b border-line py-1 text-sm"
                      >
                        <span>
                          <b className="font-medium">{words}.</b>{' '}
                          <span className={effects.length === 0 ? 'text-quiet' : ''}>
                            {effects.length === 0 ? 'No change at any coil.' : effects.join(' ')}
                          </span>
                          {isTried(code) && (
                            <span className="block">
                              <b>Confirm:</b> {confirm} <b>Fix:</b> {fix}
                            </span>
                          )}
                        </span>
                        <button
                          type="button"
                          className="bare-button shrink-0 px-2 text-link"
                          aria-label={`${isTried(code) ? 'Stop' : 'Simulate'}: ${words}`}
                          onClick={() => setMoment({ scenario: isTried(code) ? NO_FAULTS : withFault(code) })}
                        >
                          {isTried(code) ? 'stop' : 'simulate'}
                        </button>
                      </li>
                    ))}
                  </ul>
                </details>
              </li>
            ))}
          </ul>
        </>
      )}
    </details>
  );
};
