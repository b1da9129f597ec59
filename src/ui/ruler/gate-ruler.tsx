'use client';

import { ChevronDown, ChevronUp, Minus, Plus } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { rulerVerdict } from '@/core/crossing/ruler-verdict';
import { supplyAir } from '@/core/crossing/supply-air';
import { Said, useDegrees } from '../degrees';
import { useJob } from '../job/provider';
import { useBasis } from '../job/use-basis';
import { CallPicker } from './call-picker';
import { RULER_COOKIE } from './cookie';
import { RoomField } from './room-field';
import { Scale } from './scale';
import { SlimScale } from './slim-scale';

const SOUND = {
  calm: 'text-ink',
  strips: 'text-ink',
  short: 'font-semibold text-warn',
  hole: 'font-semibold text-fail',
} as const;

/** What a tap on colder and warmer goes by. */
const STEP_WORDS = { F: 'One degree', C: 'Half a degree' } as const;

/** How far the folded line is pulled up until it opens, px. */
const PULL_PX = 12;

/** The gate ruler, docked at the foot of every page of a job: one slim line, until it is opened on that page. */
export const GateRuler = ({ folds }: { folds: string }) => {
  const facts = useJob((job) => job.facts);
  const moment = useJob((job) => job.moment);
  const nudge = useJob((job) => job.nudgeOutdoor);
  const [, , , name = '', screen] = usePathname().split('/');
  const page = screen === 'card' ? screen : name;
  // The cookie names the pages on which it stands open: `wiring-open.crossing-open`.
  const [kept, setKept] = useState(folds);
  const entry = `${page}-open`;
  const isOpen = kept.split('.').includes(entry);
  const pulledFrom = useRef<number | null>(null);
  const degrees = useDegrees();
  const basis = useBasis();
  const state = basis.state(moment);
  const verdict = useMemo(() => rulerVerdict(facts, state, moment), [facts, state, moment]);
  const supply = supplyAir(facts, state, moment);
  const fold = (opens: boolean) => {
    const others = kept.split('.').filter((each) => each.endsWith('-open') && each !== entry);
    const next = [...others, ...(opens ? [entry] : [])].join('.');
    setKept(next);
    document.cookie = `${RULER_COOKIE}=${next}; path=/; max-age=31536000; samesite=lax`;
  };
  return (
    <section
      aria-label="Gate ruler"
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
          onPointerDown={(event) => {
            pulledFrom.current = event.clientY;
            event.currentTarget.setPointerCapture(event.pointerId);
          }}
          onPointerMove={(event) => {
            if (pulledFrom.current !== null && pulledFrom.current - event.clientY > PULL_PX) fold(true);
          }}
          onPointerUp={() => {
            pulledFrom.current = null;
          }}
        >
          <SlimScale />
        </button>
      )}
      <div className="flex flex-wrap items-center gap-x-2 px-2 sm:px-4 lg:flex-nowrap lg:gap-x-3">
        <button
          type="button"
          aria-expanded={isOpen}
          aria-label={isOpen ? 'Fold the ruler' : 'Open the ruler'}
          onClick={() => fold(!isOpen)}
          className="bare-button"
        >
          {isOpen ? <ChevronDown aria-hidden /> : <ChevronUp aria-hidden />}
        </button>
        <span className="flex items-center">
          <button
            type="button"
            className="bare-button"
            aria-label={`${STEP_WORDS[degrees.scale]} colder`}
            onClick={() => nudge(-1, degrees.scale)}
          >
            <Minus size={18} aria-hidden />
          </button>
          <span className="min-w-[4.6rem] text-center font-mono text-xl font-semibold whitespace-nowrap">
            {degrees.figure(moment.outdoorF)}
            <span className="text-sm font-normal text-quiet"> {degrees.unit} out</span>
          </span>
          <button
            type="button"
            className="bare-button"
            aria-label={`${STEP_WORDS[degrees.scale]} warmer`}
            onClick={() => nudge(1, degrees.scale)}
          >
            <Plus size={18} aria-hidden />
          </button>
        </span>
        <CallPicker />
        <p
          aria-live="polite"
          className={`min-w-0 basis-full pb-0.5 text-[0.8125rem] leading-[1.2] max-lg:line-clamp-2 lg:flex-1 lg:basis-0 lg:pb-0 lg:text-sm lg:leading-tight xl:text-base xl:leading-tight ${SOUND[verdict.grade]}`}
        >
          <Said>{verdict.text}</Said>
          {supply.kind === 'heat' && (
            <span className="text-quiet"> Register about {degrees.text(supply.supplyF, 0)}.</span>
          )}
        </p>
        {isOpen && <RoomField />}
      </div>
      {isOpen && <Scale />}
    </section>
  );
};
