'use client';

import { ChevronDown, ChevronUp, Minus, Plus } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { useMemo, useState } from 'react';
import { rulerVerdict } from '@/core/crossing/ruler-verdict';
import { supplyAir } from '@/core/crossing/supply-air';
import { useJob } from '../job/provider';
import { useBasis } from '../job/use-basis';
import { CallPicker } from './call-picker';
import { RULER_COOKIE } from './cookie';
import { Scale } from './scale';

const SOUND = {
  calm: 'text-ink',
  strips: 'text-ink',
  short: 'font-semibold text-warn',
  hole: 'font-semibold text-fail',
} as const;

/** Pages whose ruler stands open until somebody folds it. */
const OPEN_PAGES = ['sheet', 'wiring', 'setup'];

/** What was chosen for a page: the cookie reads `sheet-folded.startup-open`. */
const foldOf = (folds: string, page: string): 'open' | 'folded' | undefined => {
  const entry = folds.split('.').find((each) => each.startsWith(`${page}-`));
  return entry === undefined ? undefined : entry.endsWith('open') ? 'open' : 'folded';
};

/** The gate ruler, docked at the foot of every page of a job; it folds to one line. */
export const GateRuler = ({ folds }: { folds: string }) => {
  const facts = useJob((job) => job.facts);
  const moment = useJob((job) => job.moment);
  const nudge = useJob((job) => job.nudgeOutdoor);
  const setMoment = useJob((job) => job.setMoment);
  const [, , , name = '', screen] = usePathname().split('/');
  const page = screen === 'card' ? screen : name;
  const [kept, setKept] = useState(folds);
  const choice = foldOf(kept, page);
  const isOpen = choice === 'open' || (choice === undefined && OPEN_PAGES.includes(page));
  const basis = useBasis();
  const state = basis.state(moment);
  const verdict = useMemo(() => rulerVerdict(facts, state, moment), [facts, state, moment]);
  const supply = supplyAir(facts, state, moment);
  const toggle = () => {
    // Where nobody has chosen, a phone shows it folded.
    const isShown = isOpen && (choice !== undefined || window.matchMedia('(min-width: 640px)').matches);
    const next = [
      ...kept.split('.').filter((entry) => entry && !entry.startsWith(`${page}-`)),
      `${page}-${isShown ? 'folded' : 'open'}`,
    ].join('.');
    setKept(next);
    document.cookie = `${RULER_COOKIE}=${next}; path=/; max-age=31536000; samesite=lax`;
  };
  return (
    <section
      aria-label="Gate ruler"
      className="no-print sticky bottom-0 z-20 [@media(max-height:500px)]:static border-t-2 border-ink bg-paper"
    >
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 px-2 py-1.5 sm:px-4">
        <button
          type="button"
          aria-expanded={isOpen}
          aria-label={isOpen ? 'Fold the ruler' : 'Open the ruler'}
          onClick={toggle}
          className="bare-button"
        >
          {isOpen ? <ChevronDown aria-hidden /> : <ChevronUp aria-hidden />}
        </button>
        <span className="flex items-center">
          <button type="button" className="bare-button" aria-label="One degree colder" onClick={() => nudge(-1)}>
            <Minus size={18} aria-hidden />
          </button>
          <span className="min-w-[4.6rem] text-center font-mono text-2xl font-semibold">
            {moment.outdoorF}
            <span className="text-sm font-normal text-quiet"> °F out</span>
          </span>
          <button type="button" className="bare-button" aria-label="One degree warmer" onClick={() => nudge(1)}>
            <Plus size={18} aria-hidden />
          </button>
        </span>
        <CallPicker />
        <p
          aria-live="polite"
          className={`min-w-0 basis-full text-sm leading-snug sm:text-base xl:flex-1 xl:basis-0 ${SOUND[verdict.grade]}`}
        >
          {verdict.text}
          {supply.kind === 'heat' && (
            <span className="text-quiet"> Register about {Math.round(supply.supplyF)} °F.</span>
          )}
        </p>
        {isOpen && (
          <label className="flex items-center gap-2 text-sm text-quiet max-lg:hidden">
            Room
            <input
              type="number"
              value={moment.indoorF}
              min={40}
              max={95}
              onChange={(event) =>
                event.target.value !== '' &&
                setMoment({ indoorF: Math.min(95, Math.max(40, Math.round(Number(event.target.value)))) })
              }
              className="field-box w-18 font-mono"
            />
            °F
          </label>
        )}
      </div>
      {isOpen && (
        <div className={choice === undefined ? 'max-sm:hidden' : ''}>
          <Scale />
        </div>
      )}
    </section>
  );
};
