'use client';

import { ArrowRight, X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useJob } from '../job/provider';
import { useTour } from '../tour/tour';
import { TOUR_STOPS } from '../tour/tour-stops';
import { goInJob } from './go';

/** What to look at here on the two-minute tour, and a button to the next page. It covers no field. */
export const TourPanel = ({ stop }: { stop: number }) => {
  const id = useJob((job) => job.saved.id);
  const go = useTour((walk) => walk.go);
  const router = useRouter();
  const { title, words } = TOUR_STOPS[stop]!;
  const next = TOUR_STOPS[stop + 1];
  return (
    <aside
      aria-label="Two-minute tour"
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-saffron bg-saffron-wash px-3 py-1 sm:px-6"
    >
      <p className="min-w-0 flex-1 basis-72">
        <span className="font-mono text-sm">
          {stop + 1}/{TOUR_STOPS.length}
        </span>{' '}
        <b>{title}.</b> {words}
      </p>
      <span className="flex gap-1">
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            go(next ? stop + 1 : null);
            if (next) goInJob(`/jobs/${id}/${next.page}?${next.query}`);
            else router.push('/');
          }}
        >
          {next ? next.title : 'Back to the job list'} <ArrowRight size={18} aria-hidden />
        </button>
        <button type="button" className="bare-button" aria-label="End tour" onClick={() => go(null)}>
          <X size={18} aria-hidden />
        </button>
      </span>
    </aside>
  );
};
