'use client';

import { useState } from 'react';
import { scaleOf } from '@/core/diagnosis/outcome';
import type { ShownProbe } from '@/core/diagnosis/trouble';
import { type ReadingValue, seenValue } from '@/core/job/reading';
import { NumberBox } from '../fields/number-box';
import type { ReadingDetails } from '../job/use-save-reading';
import { LabeledSelect } from '../kit/labeled-select';
import { UseReadingButton } from '../meter/use-reading-button';

interface ProbeEntryProps {
  readonly shown: ShownProbe;
  readonly onRead: (value: ReadingValue, beside?: ReadingDetails) => void;
}

/** Which terminals are hot: tap each, then enter. */
const MarksEntry = ({ marks, onRead }: { marks: readonly string[]; onRead: ProbeEntryProps['onRead'] }) => {
  const [hot, setHot] = useState<readonly string[]>([]);
  const word = marks.filter((mark) => hot.includes(mark)).join('+') || 'none';
  return (
    <div>
      <p className="eyebrow">Tap every hot terminal</p>
      <div role="group" aria-label="Hot terminals" className="flex flex-wrap gap-1.5">
        {marks.map((mark) => (
          <button
            key={mark}
            type="button"
            aria-pressed={hot.includes(mark)}
            className="plain-button min-h-12 min-w-16 font-mono text-lg aria-pressed:border-2 aria-pressed:border-saffron aria-pressed:bg-saffron-wash aria-pressed:font-semibold"
            onClick={() => setHot(hot.includes(mark) ? hot.filter((each) => each !== mark) : [...hot, mark])}
          >
            {mark}
          </button>
        ))}
      </div>
      <button type="button" className="strong-button mt-2 min-h-12 w-full" onClick={() => onRead(seenValue(word))}>
        {hot.length === 0 ? 'Enter: none is hot' : `Enter: ${word.split('+').join(', ')} hot`}
      </button>
    </div>
  );
};

/** With more answers, a list is used. */
const MOST_BUTTONS = 8;

const ChoicesEntry = ({
  choices,
  onRead,
}: {
  choices: readonly { readonly word: string; readonly words: string }[];
  onRead: ProbeEntryProps['onRead'];
}) => {
  const [word, setWord] = useState('');
  if (choices.length <= MOST_BUTTONS)
    return (
      <div role="group" aria-label="What is seen" className="grid gap-1.5">
        {choices.map((choice) => (
          <button
            key={choice.word}
            type="button"
            className="plain-button min-h-12 w-full justify-start px-3 text-left whitespace-normal"
            onClick={() => onRead(seenValue(choice.word))}
          >
            {choice.words}
          </button>
        ))}
      </div>
    );
  return (
    <div className="grid gap-2">
      <LabeledSelect
        label="What is found"
        value={word}
        options={choices.map((choice) => ({ value: choice.word, label: choice.words }))}
        onChoose={setWord}
      />
      <button
        type="button"
        className="strong-button min-h-12"
        disabled={word === ''}
        onClick={() => onRead(seenValue(word))}
      >
        Enter
      </button>
    </div>
  );
};

/** A probe's field: a number, a choice of words, or hot terminals. */
export const ProbeEntry = ({ shown: { probe }, onRead }: ProbeEntryProps) => {
  const leads = { of: probe.of, unit: probe.unit, words: probe.words, isLine: probe.kind === 'live' };
  const taken = <UseReadingButton leads={leads} isAsked onTake={onRead} />;
  if (probe.marks)
    return (
      <>
        <MarksEntry marks={probe.marks} onRead={onRead} />
        {taken}
      </>
    );
  if (probe.choices)
    return (
      <>
        <ChoicesEntry choices={probe.choices} onRead={onRead} />
        {taken}
      </>
    );
  const [low, high] = scaleOf(probe).range;
  return (
    <div className="max-w-xs">
      <NumberBox
        label={`${probe.words}, ${probe.unit}`}
        hidesLabel
        isLarge
        name={`trouble.${probe.id}`}
        value={null}
        none="read"
        unit={probe.unit}
        step={probe.unit === 'V' ? 0.1 : 1}
        min={Math.min(0, low)}
        max={high}
        takesOpen={probe.unit === 'Ω'}
        onCommit={(value) => value !== null && onRead(value)}
      />
      <p className="text-sm text-quiet">Press Enter to save.</p>
      {taken}
    </div>
  );
};
