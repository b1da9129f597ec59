'use client';

import { useState } from 'react';
import { parseTyped } from '@/core/units/parse-number';
import { roundTo } from '@/core/units/round';
import { useTyped } from '../job/use-typed';
import { type FieldKind, type FieldNumber, useFieldScale } from './use-field-scale';

export interface NumberEntryProps extends FieldKind {
  /** Unique name in the job: typed text then survives the page. */
  readonly name?: string | undefined;
  readonly value: FieldNumber;
  readonly step: number;
  readonly min?: number;
  readonly max?: number;
  /** Reason for the maximum. */
  readonly maxWhy?: string | undefined;
  /** Words for empty, if allowed. */
  readonly none?: string | undefined;
  readonly takesOpen?: boolean;
  /** What is wrong with a value out of bounds; null if nothing. */
  readonly check?: (value: FieldNumber) => string | null;
  readonly onCommit: (value: FieldNumber) => void;
}

type Judged = { readonly value: FieldNumber } | { readonly why: string };

/** Text of a number field until it is valid and entered. Errors are shown meanwhile, and no typed text is discarded. */
export const useNumberEntry = (props: NumberEntryProps) => {
  const { name, value, min = -Infinity, max = Infinity, maxWhy, none, takesOpen = false } = props;
  const [kept, setKept] = useTyped(name);
  const { unit, shown, stored, bound, keep, recall, say, ...scale } = useFieldScale(props);
  const step = scale.step(props.step);
  const [wrong, setWrong] = useState<string | null>(null);
  const typed = recall(kept);
  const setTyped = (input: string | null) => setKept(keep(input));
  const text = typed ?? shown(value);
  const least = bound(min);
  const most = bound(max);

  const judge = (input: string): Judged => {
    const parsed = parseTyped(input);
    switch (parsed.kind) {
      case 'wrong':
        return { why: parsed.why };
      case 'open':
        return takesOpen ? { value: 'OL' } : { why: 'OL is for ohms only. Type a number.' };
      case 'empty':
        return none === undefined ? { why: 'Enter a number.' } : { value: null };
      case 'number': {
        if (parsed.value < least) return { why: `Minimum ${least}${unit && ` ${unit}`}.` };
        if (parsed.value > most) return { why: `Maximum ${most}${unit && ` ${unit}`}.${maxWhy ? ` ${maxWhy}` : ''}` };
        // A bound rounded on the displayed scale is that bound.
        const meant = Math.min(max, Math.max(min, stored(parsed.value, value)));
        const why = props.check?.(meant) ?? null;
        return why === null ? { value: meant } : { why: say(why) };
      }
    }
  };
  const makesSense = (): boolean => {
    const judged = judge(text);
    setWrong('why' in judged ? judged.why : null);
    return !('why' in judged);
  };
  const stepped = (from: number, by: number) => Math.min(most, Math.max(least, roundTo(from + by * step, 4)));
  /** The number that steps start from; null if the text is not a number. */
  const stepBase = (): number | null => {
    const parsed = parseTyped(text);
    return parsed.kind === 'number' ? parsed.value : parsed.kind === 'empty' ? Math.max(least, 0) : null;
  };
  return {
    text,
    /** The unit as displayed. */
    unit,
    typed,
    wrong,
    /** What the text would be entered as; null if not valid yet. */
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
      setTyped(String(stepped(from, by)));
      setWrong(null);
    },
    giveUp: () => {
      setTyped(null);
      setWrong(null);
    },
    /** Shows what is wrong, if anything. */
    makesSense,
    /** Enters valid text. Typing the present value confirms an assumption. */
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
