'use client';

import { useId, useRef } from 'react';
import { SELECT_ON_FOCUS } from '../kit/select-on-focus';
import { goToNextField } from './next-field';
import { type NumberEntryProps, useNumberEntry } from './use-number-entry';

interface NumberBoxProps extends NumberEntryProps {
  readonly label: string;
  readonly isLarge?: boolean;
  /** Whether its label is for screen readers only; `wide`: only where a heading row is above it. */
  readonly hidesLabel?: boolean | 'wide';
  readonly autoFocus?: boolean;
}

/** Swipe distance of one step, px. */
const SWIPE_PX = 14;

/**
 * A number field. Accepts "71.5", "71,5" and, where it makes sense, "OL"; arrow keys and a swipe over the unit step it.
 * Typed text stays, with what is wrong, until valid.
 */
export const NumberBox = ({
  label,
  isLarge = false,
  hidesLabel = false,
  autoFocus = false,
  ...props
}: NumberBoxProps) => {
  const id = useId();
  const { none } = props;
  const entry = useNumberEntry(props);
  const { text, typed, unit, wrong } = entry;
  const swipe = useRef<{ x: number; from: number } | null>(null);
  return (
    <span className="block">
      <label htmlFor={id} className={hidesLabel === 'wide' ? 'eyebrow sm:sr-only' : hidesLabel ? 'sr-only' : 'eyebrow'}>
        {label}
      </label>
      <span className="flex flex-wrap gap-1">
        <span className="flex min-w-0 flex-1 items-stretch">
          <input
            id={id}
            className={`field-box w-0 min-w-0 flex-1 rounded-r-none text-right font-mono ${isLarge ? 'min-h-14 text-3xl' : 'text-lg'}`}
            inputMode="decimal"
            autoComplete="off"
            enterKeyHint="next"
            autoFocus={autoFocus}
            value={text}
            placeholder={none}
            data-typed={typed !== null}
            aria-invalid={wrong !== null}
            aria-describedby={wrong === null ? undefined : `${id}-wrong`}
            {...SELECT_ON_FOCUS}
            onChange={(event) => entry.type(event.target.value)}
            onBlur={() => entry.commit()}
            onKeyDown={(event) => {
              if (event.key === 'Enter') {
                // Leaving the field enters it.
                if (entry.makesSense()) goToNextField(event.currentTarget);
              } else if (event.key === 'Escape') entry.giveUp();
              else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
                event.preventDefault();
                const from = entry.stepBase();
                if (from !== null) entry.typeStepped(from, event.key === 'ArrowUp' ? 1 : -1);
              }
            }}
          />
          <span
            aria-hidden
            title="Swipe to change"
            className={`flex min-w-11 touch-none items-center justify-center rounded-r border border-l-0 border-line-strong bg-paper px-2 text-sm text-quiet select-none ${isLarge ? 'text-base' : ''}`}
            onPointerDown={(event) => {
              const from = entry.stepBase();
              if (from === null) return;
              event.currentTarget.setPointerCapture(event.pointerId);
              swipe.current = { x: event.clientX, from };
            }}
            onPointerMove={(event) => {
              if (!swipe.current) return;
              const steps = Math.round((event.clientX - swipe.current.x) / SWIPE_PX);
              if (steps !== 0 || typed !== null) entry.typeStepped(swipe.current.from, steps);
            }}
            onPointerUp={() => {
              swipe.current = null;
              entry.commit();
            }}
            onPointerCancel={() => {
              swipe.current = null;
              entry.giveUp();
            }}
          >
            {unit || '#'}
          </span>
        </span>
        {props.takesOpen && (
          <button
            type="button"
            className="plain-button px-3 font-mono"
            aria-label={`${label}: OL, open`}
            title="Open circuit"
            onClick={() => entry.commit('OL')}
          >
            OL
          </button>
        )}
      </span>
      {wrong !== null && (
        <span id={`${id}-wrong`} role="alert" className="mt-1 block text-sm font-medium text-fail">
          {wrong}
        </span>
      )}
    </span>
  );
};
