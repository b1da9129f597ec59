'use client';

import { Delete } from 'lucide-react';

interface KeypadProps {
  readonly takesOpen: boolean;
  readonly takesMinus: boolean;
  /** Called with each key: a digit, a point, a minus, `OL`, or `back`. */
  readonly onKey: (key: string) => void;
}

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'] as const;
const KEY = 'plain-button h-16 low:h-12 font-mono text-2xl select-none active:bg-ink active:text-paper';

/** Key positions on a low screen: four in a row, so that field, keys and the next button are visible together. */
const LOW_ORDER: Readonly<Record<(typeof DIGITS)[number], string>> = {
  '7': 'low:order-1',
  '8': 'low:order-2',
  '9': 'low:order-3',
  '4': 'low:order-5',
  '5': 'low:order-6',
  '6': 'low:order-7',
  '.': 'low:order-8',
  '1': 'low:order-9',
  '2': 'low:order-10',
  '3': 'low:order-11',
  '0': 'low:order-12',
};

/** A number pad, large enough for gloves; with open circuit and minus where possible. */
export const Keypad = ({ takesOpen, takesMinus, onKey }: KeypadProps) => (
  <div role="group" aria-label="Keypad" className="flex gap-1.5">
    <div className="grid flex-1 grid-cols-3 gap-1.5 low:grid-cols-4">
      {DIGITS.map((key) => (
        <button
          key={key}
          type="button"
          className={`${KEY} ${LOW_ORDER[key]}`}
          onClick={() => onKey(key)}
          aria-label={key === '.' ? 'Point' : key}
        >
          {key}
        </button>
      ))}
      <button type="button" className={`${KEY} low:order-4`} onClick={() => onKey('back')} aria-label="Delete">
        <Delete size={24} aria-hidden />
      </button>
    </div>
    {(takesOpen || takesMinus) && (
      <div className="flex w-20 flex-col gap-1.5">
        {takesOpen && (
          <button type="button" className={`${KEY} h-auto flex-1`} onClick={() => onKey('OL')} title="Open circuit">
            OL
          </button>
        )}
        {takesMinus && (
          <button type="button" className={`${KEY} h-auto flex-1`} onClick={() => onKey('-')} aria-label="Minus">
            −
          </button>
        )}
      </div>
    )}
  </div>
);

/** Field text after a key. Minus toggles the sign; `OL` replaces a number, and a number replaces `OL`. */
export const afterKey = (text: string, key: string): string => {
  if (key === 'OL') return 'OL';
  const number = /^OL$/i.test(text) ? '' : text;
  if (key === 'back') return number.slice(0, -1);
  if (key === '-') return number.startsWith('-') ? number.slice(1) : `-${number}`;
  if (key === '.' && number.includes('.')) return number;
  return number + key;
};
