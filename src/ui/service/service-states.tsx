'use client';

import type { ServiceLoad, ServiceState } from '@/core/service/service-load';
import { GradeMark } from '../startup/grade-mark';

const grade = ({ isCarried }: ServiceState) => {
  if (isCarried === null) return 'open';
  return isCarried ? 'pass' : 'fail';
};

const verdict = ({ mainAmps, states }: ServiceLoad): string => {
  const planned = states.find(({ isPlanned }) => isPlanned) ?? states[0]!;
  const carries = planned.isCarried ? 'it carries' : 'it does not carry';
  const what =
    planned.held === null ? 'everything at once' : `the heat as it is wired, bank ${planned.held} held by a relay`;
  const emergency = states.find(({ id }) => id === 'emergency');
  const alone =
    planned.isCarried && emergency?.isCarried === false
      ? ' Emergency heat with all strips is more than it carries.'
      : '';
  return `Main breaker ${mainAmps} A: ${carries} ${what}.${alone}`;
};

/** Puts a relay before a bank, or takes it out: the wiring is planned with it from then on. */
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
    {isHeld ? 'Planned with a relay' : 'Plan it with a relay'}
  </button>
);

/** What the service carries in each state of the heat, against the main breaker. */
export const ServiceStates = ({ load, onHold }: { load: ServiceLoad; onHold: (bank: number | null) => void }) => (
  <section aria-label="What the service carries">
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
        The relay’s coil is on Y, its contact in that bank’s call. A unit that has locked itself out while Y is still
        called keeps the bank off: emergency heat brings it.
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
