'use client';

import { useId, useRef, useState } from 'react';
import { parseTyped } from '@/core/units/parse-number';
import { roundTo } from '@/core/units/round';

interface NumberBoxProps {
  readonly label: string;
  readonly value: number | 'OL' | null;
  readonly unit: string;
  readonly step: number;
  readonly min?: number;
  readonly max?: number;
  /** Why there is a most. */
  readonly maxWhy?: string | undefined;
  /** Worded when the field may be empty. */
  readonly none?: string | undefined;
  readonly takesOpen?: boolean;
  readonly isLarge?: boolean;
  readonly hidesLabel?: boolean;
  readonly autoFocus?: boolean;
  /** Says what is wrong with a value beyond its bounds; null where nothing is. */
  readonly check?: (value: number | 'OL' | null) => string | null;
  readonly onCommit: (value: number | 'OL' | null) => void;
}

/** Distance that one step of a swipe takes, px. */
const SWIPE_PX = 14;

const shown = (value: number | 'OL' | null) => (value === null ? '' : String(value));

/**
 * A field for a reading or a measure. Takes "71.5", "71,5" and, where it makes sense, "OL"; arrows and a swipe over the
 * unit step it. What is typed stays, with what is wrong beside it, until it makes sense.
 */
export const NumberBox = ({
  label,
  value,
  unit,
  step,
  min = -Infinity,
  max = Infinity,
  maxWhy,
  none,
  takesOpen = false,
  isLarge = false,
  hidesLabel = false,
  autoFocus = false,
  check,
  onCommit,
}: NumberBoxProps) => {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const swipe = useRef<{ x: number; from: number } | null>(null);
  const text = typed ?? shown(value);

  const judge = (input: string): { value: number | 'OL' | null } | { why: string } => {
    const parsed = parseTyped(input);
    switch (parsed.kind) {
      case 'wrong':
        return { why: parsed.why };
      case 'open':
        return takesOpen ? { value: 'OL' } : { why: 'OL is for resistance. Type a number.' };
      case 'empty':
        return none === undefined ? { why: 'A number is needed here.' } : { value: null };
      case 'number': {
        const why =
          parsed.value < min
            ? `At least ${min} ${unit}.`
            : parsed.value > max
              ? `At most ${max} ${unit}.${maxWhy ? ` ${maxWhy}` : ''}`
              : (check?.(parsed.value) ?? null);
        return why === null ? { value: parsed.value } : { why };
      }
    }
  };
  const commit = (input: string) => {
    const judged = judge(input);
    if ('why' in judged) return setWrong(judged.why);
    setWrong(null);
    setTyped(null);
    if (judged.value !== value) onCommit(judged.value);
  };
  const stepped = (from: number, by: number) => Math.min(max, Math.max(min, roundTo(from + by * step, 4)));
  const stepBy = (by: number) => {
    const parsed = parseTyped(text);
    if (parsed.kind !== 'number' && parsed.kind !== 'empty') return;
    const next = stepped(parsed.kind === 'number' ? parsed.value : Math.max(min, 0), by);
    setTyped(String(next));
    setWrong(null);
  };

  return (
    <span className="block">
      <label htmlFor={id} className={hidesLabel ? 'sr-only' : 'eyebrow'}>
        {label}
      </label>
      <span className="flex items-stretch">
        <input
          id={id}
          className={`field-box w-0 min-w-0 flex-1 rounded-r-none text-right font-mono ${isLarge ? 'min-h-14 text-3xl' : 'text-lg'}`}
          inputMode="decimal"
          autoComplete="off"
          enterKeyHint="done"
          autoFocus={autoFocus}
          value={text}
          placeholder={none}
          aria-invalid={wrong !== null}
          aria-describedby={wrong === null ? undefined : `${id}-wrong`}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            setTyped(event.target.value);
            if (wrong !== null && !('why' in judge(event.target.value))) setWrong(null);
          }}
          onBlur={() => typed !== null && commit(typed)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit(text);
            else if (event.key === 'Escape') {
              setTyped(null);
              setWrong(null);
            } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
              event.preventDefault();
              stepBy(event.key === 'ArrowUp' ? 1 : -1);
            }
          }}
        />
        <span
          aria-hidden
          title="Swipe to step"
          className={`flex min-w-11 touch-none items-center justify-center rounded-r border border-l-0 border-line-strong bg-paper px-2 text-sm text-quiet select-none ${isLarge ? 'text-base' : ''}`}
          onPointerDown={(event) => {
            const parsed = parseTyped(text);
            if (parsed.kind === 'wrong' || parsed.kind === 'open') return;
            event.currentTarget.setPointerCapture(event.pointerId);
            swipe.current = { x: event.clientX, from: parsed.kind === 'number' ? parsed.value : Math.max(min, 0) };
          }}
          onPointerMove={(event) => {
            if (!swipe.current) return;
            const steps = Math.round((event.clientX - swipe.current.x) / SWIPE_PX);
            if (steps !== 0 || typed !== null) setTyped(String(stepped(swipe.current.from, steps)));
          }}
          onPointerUp={() => {
            swipe.current = null;
            if (typed !== null) commit(typed);
          }}
          onPointerCancel={() => {
            swipe.current = null;
            setTyped(null);
          }}
        >
          {unit || '#'}
        </span>
      </span>
      {wrong !== null && (
        <span id={`${id}-wrong`} role="alert" className="mt-1 block text-sm font-medium text-fail">
          {wrong}
        </span>
      )}
    </span>
  );
};
