'use client';

import { useState } from 'react';
import { parseTyped } from '@/core/units/parse-number';
import { roundTo } from '@/core/units/round';
import { useTyped } from '../job/use-typed';

/** A number as a field holds it: `OL` for an open circuit, null for nothing. */
export type FieldNumber = number | 'OL' | null;

export interface NumberEntryProps {
  /** What it is for, once in the job: what is typed then outlives the page. */
  readonly name?: string | undefined;
  readonly value: FieldNumber;
  readonly unit: string;
  readonly step: number;
  readonly min?: number;
  readonly max?: number;
  /** Why there is a most. */
  readonly maxWhy?: string | undefined;
  /** Worded when the field may be empty. */
  readonly none?: string | undefined;
  readonly takesOpen?: boolean;
  /** Says what is wrong with a value beyond its bounds; null where nothing is. */
  readonly check?: (value: FieldNumber) => string | null;
  readonly onCommit: (value: FieldNumber) => void;
}

type Judged = { readonly value: FieldNumber } | { readonly why: string };

const shown = (value: FieldNumber) => (value === null ? '' : String(value));

/**
 * What is typed into a field for a number, until it makes sense and is entered. What is wrong stands beside it
 * meanwhile, and nothing typed is thrown away.
 */
export const useNumberEntry = (props: NumberEntryProps) => {
  const { name, value, unit, step, min = -Infinity, max = Infinity, maxWhy, none, takesOpen = false } = props;
  const [typed, setTyped] = useTyped(name);
  const [wrong, setWrong] = useState<string | null>(null);
  const text = typed ?? shown(value);

  const judge = (input: string): Judged => {
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
              : (props.check?.(parsed.value) ?? null);
        return why === null ? { value: parsed.value } : { why };
      }
    }
  };
  const makesSense = (): boolean => {
    const judged = judge(text);
    setWrong('why' in judged ? judged.why : null);
    return !('why' in judged);
  };
  const stepped = (from: number, by: number) => Math.min(max, Math.max(min, roundTo(from + by * step, 4)));
  /** The number that steps count from; null where what is typed is none. */
  const stepBase = (): number | null => {
    const parsed = parseTyped(text);
    return parsed.kind === 'number' ? parsed.value : parsed.kind === 'empty' ? Math.max(min, 0) : null;
  };
  return {
    text,
    typed,
    wrong,
    /** What the text would be entered as; null where it makes no sense yet. */
    meant: (): FieldNumber => {
      const judged = judge(text);
      return 'why' in judged ? null : judged.value;
    },
    stepBase,
    type: (input: string) => {
      setTyped(input);
      if (wrong !== null && !('why' in judge(input))) setWrong(null);
    },
    typeStepped: (from: number, by: number) => {
      setTyped(shown(stepped(from, by)));
      setWrong(null);
    },
    giveUp: () => {
      setTyped(null);
      setWrong(null);
    },
    /** Says what is wrong, if anything is. */
    makesSense,
    /** Enters what is typed, where it makes sense. A guess typed out is a guess confirmed. */
    commit: (input: string | null = typed) => {
      if (input === null) return;
      const judged = judge(input);
      if ('why' in judged) return setWrong(judged.why);
      setWrong(null);
      setTyped(null);
      props.onCommit(judged.value);
    },
  };
};
