'use client';

import { OctagonX } from 'lucide-react';
import { CLEARED_BY, type StopId, STOPS } from '@/core/safety/stops';
import { useStops } from './use-stops';

const StopLines = ({ stop }: { stop: StopId }) => {
  const { why, now, tell } = STOPS[stop];
  return (
    <>
      <p>{why}</p>
      <ol className="list-decimal pl-5">
        {now.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <p className="font-semibold">{tell}</p>
    </>
  );
};

/** One stop: what it is, what to do now, whom to tell. */
export const StopSign = ({ stop, label }: { stop: StopId; label?: string }) => (
  <div className="border-2 border-fail bg-fail-wash px-3 py-2">
    <h3 className="flex items-center gap-2 font-label text-xl leading-tight font-semibold text-fail">
      <OctagonX size={22} aria-hidden className="shrink-0" />
      Stop work: {STOPS[stop].title}
    </h3>
    {label && <p className="text-sm text-quiet">{label}</p>}
    <StopLines stop={stop} />
  </div>
);

/** The job's active stops; nothing if there are none. */
export const StopBanner = ({ isFolded = false }: { isFolded?: boolean }) => {
  const { stops } = useStops();
  if (stops.length === 0) return null;
  const signs = stops.map(({ stop, label, key }) => (
    <StopSign key={`${stop} ${key}`} stop={stop} label={`${label}. ${CLEARED_BY}`} />
  ));
  return (
    <section
      aria-label="Stop work"
      role="alert"
      className="mb-3 grid gap-2"
      {...(isFolded ? { 'data-takes-room': true } : {})}
    >
      {isFolded ? (
        <details>
          <summary className="flex min-h-11 cursor-pointer items-center gap-2 border-2 border-fail bg-fail-wash px-2 font-semibold text-fail">
            <OctagonX size={20} aria-hidden className="shrink-0" />
            Stop work: {STOPS[stops[0]!.stop].title}
            {stops.length > 1 && `, and ${stops.length - 1} more`}
          </summary>
          <div className="grid gap-2 pt-1">{signs}</div>
        </details>
      ) : (
        signs
      )}
    </section>
  );
};
