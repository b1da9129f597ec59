'use client';

import { useDrag } from '@use-gesture/react';
import { ChevronDown, ChevronUp, Minus, Plus } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { CallPicker } from './call-picker';
import { RULER_COOKIE } from './cookie';
import { RoomField } from './room-field';
import { RulerSentence } from './ruler-sentence';
import { Scale } from './scale';
import { SlimScale } from './slim-scale';

/** Step of the colder and warmer buttons. */
const STEP_WORDS = { F: 'One degree', C: 'Half a degree' } as const;

const OutdoorFigure = () => {
  const outdoorF = useJob((job) => job.moment.outdoorF);
  const { figure, unit } = useDegrees();
  return (
    <span className="min-w-[4.6rem] text-center font-mono text-xl font-semibold whitespace-nowrap">
      {figure(outdoorF)}
      <span className="text-sm font-normal text-quiet"> {unit} out</span>
    </span>
  );
};

/** Swipe distance that opens the folded ruler, px. */
const PULL_PX = 12;

/** The outdoor ruler at the bottom of every job page: one slim line until opened on that page. */
export const OutdoorRulerDock = ({ folds }: { folds: string }) => {
  const nudge = useJob((job) => job.nudgeOutdoor);
  const [, , , name = '', screen] = usePathname().split('/');
  const page = screen === 'card' ? screen : name;
  // The cookie lists the pages on which it is open: `wiring-open.balance-open`.
  const [kept, setKept] = useState(folds);
  const entry = `${page}-open`;
  const isOpen = kept.split('.').includes(entry);
  const { scale } = useDegrees();
  const fold = (opens: boolean) => {
    const others = kept.split('.').filter((each) => each.endsWith('-open') && each !== entry);
    const next = [...others, ...(opens ? [entry] : [])].join('.');
    setKept(next);
    document.cookie = `${RULER_COOKIE}=${next}; path=/; max-age=31536000; samesite=lax`;
  };
  const pull = useDrag(({ movement: [, y] }) => y < -PULL_PX && fold(true), { pointer: { keys: false } });
  return (
    <section
      aria-label="Outdoor ruler"
      className="no-print sticky bottom-0 z-20 border-t-2 border-ink bg-paper [@media(max-height:500px)]:static"
    >
      {!isOpen && (
        <button
          type="button"
          tabIndex={-1}
          aria-hidden
          title="Open the ruler"
          className="block w-full touch-none px-3 pt-0.5 sm:px-6"
          onClick={() => fold(true)}
          {...pull()}
        >
          <SlimScale />
        </button>
      )}
      <div className="flex flex-wrap items-center gap-x-2 px-2 sm:px-4 lg:flex-nowrap lg:gap-x-3">
        <button
          type="button"
          aria-expanded={isOpen}
          aria-label={isOpen ? 'Close the ruler' : 'Open the ruler'}
          onClick={() => fold(!isOpen)}
          className="bare-button"
        >
          {isOpen ? <ChevronDown aria-hidden /> : <ChevronUp aria-hidden />}
        </button>
        <span className="flex items-center">
          <button
            type="button"
            className="bare-button"
            aria-label={`${STEP_WORDS[scale]} colder`}
            onClick={() => nudge(-1, scale)}
          >
            <Minus size={18} aria-hidden />
          </button>
          <OutdoorFigure />
          <button
            type="button"
            className="bare-button"
            aria-label={`${STEP_WORDS[scale]} warmer`}
            onClick={() => nudge(1, scale)}
          >
            <Plus size={18} aria-hidden />
          </button>
        </span>
        <CallPicker />
        <RulerSentence />
        {isOpen && <RoomField />}
      </div>
      {isOpen && <Scale />}
    </section>
  );
};
