'use client';

import type { ServiceLoad, ServiceState } from '@/core/service/service-load';
import { GradeMark } from '../findings/grade-mark';

const grade = ({ isCarried }: ServiceState) => {
  if (isCarried === null) return 'open';
  return isCarried ? 'pass' : 'fail';
};

const verdict = ({ mainAmps, states }: ServiceLoad): string => {
  const planned = states.find(({ isPlanned }) => isPlanned) ?? states[0]!;
  const carries = planned.isCarried ? 'it can carry' : 'it cannot carry';
  const what = planned.held === null ? 'everything together' : `the heat as wired, bank ${planned.held} interlocked`;
  const emergency = states.find(({ id }) => id === 'emergency');
  const alone =
    planned.isCarried && emergency?.isCarried === false ? ' Emergency heat with all strips exceeds the service.' : '';
  return `Main breaker ${mainAmps} A: ${carries} ${what}.${alone}`;
};

/** Adds or removes a relay for a bank: the wiring is planned with it from then on. */
const HoldButton = ({
  bank,
  isHeld,
  onHold,
}: {
  bank: number;
  isHeld: boolean;
  onHold: (bank: number | null) => void;
}) => (
  <button
    type="button"
    aria-pressed={isHeld}
    onClick={() => onHold(isHeld ? null : bank)}
    className="plain-button min-h-11 px-2 text-sm aria-pressed:border-2 aria-pressed:border-ink aria-pressed:font-semibold"
  >
    {isHeld ? 'Planned with a relay' : 'Add an interlock relay to the plan'}
  </button>
);

/** Service load in each heating state, against the main breaker. */
export const ServiceStates = ({ load, onHold }: { load: ServiceLoad; onHold: (bank: number | null) => void }) => (
  <section aria-label="Service load">
    <ul>
      {load.states.map((state) => (
        <li key={state.id} className="flex items-center gap-3 border-b border-line py-1.5">
          <GradeMark grade={grade(state)} />
          <span className="min-w-0 flex-1">
            {state.label}
            {state.held !== null && state.canBeHeld && (
              <span className="block">
                <HoldButton bank={state.held} isHeld={state.isPlanned} onHold={onHold} />
              </span>
            )}
          </span>
          <span className="font-mono text-2xl font-semibold">
            {state.amps.toFixed(1)}
            <span className="ml-1 text-base font-normal">A</span>
          </span>
        </li>
      ))}
    </ul>
    {load.mainAmps !== null && <p className="mt-1">{verdict(load)}</p>}
    {load.states.some(({ held, isPlanned }) => held !== null && isPlanned) && (
      <p className="mt-1 text-sm">
        The relay coil is on Y, its contact in that bank’s call. If the unit locks out with Y still called, the bank
        stays off until emergency heat is used.
      </p>
    )}
    {load.missing.length > 0 && (
      <ul aria-label="Missing">
        {load.missing.map((line) => (
          <li key={line} className="mt-1 text-sm">
            {line}
          </li>
        ))}
      </ul>
    )}
  </section>
);
