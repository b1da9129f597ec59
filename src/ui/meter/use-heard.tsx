'use client';

import { useEffect } from 'react';
import { fitOf } from '@/core/instrument/fits';
import { degreesText, isDegreeUnit, onScale, unitOn } from '@/core/units/degrees';
import { useDegrees } from '../degrees/degrees';
import type { ReadingDetails } from '../job/use-save-reading';
import { useHeard } from './heard';
import type { Heard, MeterSource } from './listening';
import { type ProbesTo, useSendProbes } from './use-leads';

export interface UseReadingProps {
  readonly leads: ProbesTo;
  readonly onTake: (value: number | 'OL', beside: ReadingDetails) => void;
  /** Whether it is the present reading: a simulated meter goes there by itself. */
  readonly isAsked?: boolean;
}

/** One input: its moving value, and a button to use it once steady. */
const OneInput = ({
  heard,
  unit,
  words,
  onTake,
}: { heard: Heard } & Pick<ProbesTo, 'unit' | 'words'> & Pick<UseReadingProps, 'onTake'>) => {
  const { scale } = useDegrees();
  const { shown, standing } = heard;
  if (standing.kind === 'nothing') return null;
  const { value } = standing;
  const isSteady = standing.kind === 'steady';
  const figure = typeof value === 'number' && isDegreeUnit(unit) ? degreesText(onScale(scale, value)) : String(value);
  const name = `${figure}${value === 'OL' ? '' : ` ${unitOn(scale, unit)}`}`;
  return (
    <button
      type="button"
      disabled={!isSteady}
      aria-label={isSteady ? `Use ${name} from ${shown.meter} for ${words}` : `${shown.meter}: not steady yet`}
      className="plain-button min-h-12 gap-2 border-2 font-mono text-lg enabled:border-pass disabled:border-dashed"
      onClick={() =>
        onTake(value, { instrument: shown.meter, ...(shown.ohms === null ? {} : { meterOhms: shown.ohms }) })
      }
    >
      <span className="font-sans text-base font-semibold">{isSteady ? 'Use' : 'Not steady yet'}</span>
      {name}
      {shown.channel && <span className="font-sans text-sm text-quiet">{shown.channel}</span>}
    </button>
  );
};

/** Each input's value, or why it does not fit this reading; and where a simulated meter's probes go. */
export const UseHeardReading = ({
  source,
  leads,
  onTake,
  isAsked = false,
}: UseReadingProps & { source: MeterSource }) => {
  const inputs = useHeard((state) => state.inputs);
  const send = useSendProbes();
  const { of, unit, words } = leads;
  useEffect(() => {
    if (isAsked) send(leads);
    // The leads go where another reading is asked for, not wherever this one is drawn again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isAsked, send, words]);
  const fits = inputs.map((heard) => ({ heard, fit: fitOf(of, unit, heard.shown) }));
  return (
    <span className="mt-1 flex flex-wrap items-center gap-2">
      {fits.map(({ heard, fit }) =>
        fit.fits ? (
          <OneInput key={heard.input} heard={heard} unit={unit} words={words} onTake={onTake} />
        ) : (
          fit.why && (
            <span key={heard.input} className="text-sm font-medium text-warn">
              {fit.why}
            </span>
          )
        ),
      )}
      {source.kind === 'simulated' && of && !isAsked && (
        <button
          type="button"
          className="bare-button px-1 text-sm text-link"
          aria-label={`Put the probes here: ${words}`}
          onClick={() => send(leads)}
        >
          Probes here
        </button>
      )}
    </span>
  );
};
