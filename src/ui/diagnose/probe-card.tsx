'use client';

import { CALLS } from '@/core/control/moment';
import type { DiagnosisView, ShownProbe } from '@/core/diagnosis/trouble';
import { CAUTIONS } from '@/core/safety/cautions';
import { LocalizedDegrees } from '../degrees/degrees';
import { useSaveReading, useUndoReading } from '../job/use-save-reading';
import { CautionSign } from '../stop-work/cautions';
import { PlannedItems } from '../strips/planned-items';
import { ProbeEntry } from './probe-entry';

const PLACES = { wall: 'At the thermostat', indoors: 'At the indoor unit', outdoors: 'At the outdoor unit' } as const;
const KIND_WORDS = {
  look: null,
  dead: 'Power off, verified dead',
  'low-volts': '24 V',
  air: null,
  live: 'Line voltage: qualified people, rated meter',
  licensed: 'Licensed tech only',
} as const;

/** Seconds in words. */
const spent = (seconds: number): string => (seconds < 90 ? `${seconds} s` : `${Math.round(seconds / 60)} min`);

const CANNOT = 'Can’t get to it';

/** The next observation: where, in which call, how, cautions; each suspect's prediction; the field. */
export const ProbeCard = ({ shown, handsOut }: { shown: ShownProbe; handsOut: DiagnosisView['handsOut'] }) => {
  const { probe, call, seconds, wouldRead, isAgain } = shown;
  const keep = useSaveReading(probe.id);
  const { leaveOut } = useUndoReading(probe.id);
  const kind = KIND_WORDS[probe.kind];
  const shut = handsOut[probe.place];
  const differ = new Set(wouldRead.map(({ reads }) => reads)).size > 1;
  return (
    <section aria-labelledby="probe-title" className="border-l-4 border-ink pl-3">
      <p className="eyebrow">
        {isAgain ? 'Read this again: it does not fit the other readings' : 'Next'} · {PLACES[probe.place]}
        {call !== null && ` · ${CALLS[call].label}`} · about {spent(seconds)}
      </p>
      <h2 id="probe-title" className="font-label text-3xl leading-tight font-semibold">
        {probe.words}
      </h2>
      {kind && <p className="font-semibold">{kind}</p>}
      <p className="mb-2 text-quiet">
        <LocalizedDegrees>{probe.how}</LocalizedDegrees>
      </p>
      {probe.caution && (
        <div className="mb-2">
          <CautionSign lines={[CAUTIONS[probe.caution]]} />
        </div>
      )}
      {probe.kind === 'dead' && shut !== null ? (
        <div>
          <p role="alert" className="font-semibold text-fail">
            {shut}
          </p>
          <PlannedItems step="make-safe" isShown={(item) => item.startsWith('dead-')} />
        </div>
      ) : (
        <ProbeEntry shown={shown} onRead={(value, beside) => keep(value, null, beside)} />
      )}
      <button type="button" className="bare-button mt-1 px-1 text-link" onClick={() => leaveOut(CANNOT)}>
        Can’t get to it: suggest another reading
      </button>
      {differ && (
        <table className="mt-2 w-full text-sm">
          <caption className="eyebrow text-left">What each suspect would read</caption>
          <tbody>
            {wouldRead.map(({ words, more, reads }) => (
              <tr key={reads} className="border-b border-line align-top">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {words}
                  {more > 0 && <span className="text-quiet">, or {more} more</span>}
                </th>
                <td className={`py-1 text-right font-medium ${reads.length < 14 ? 'whitespace-nowrap' : ''}`}>
                  <LocalizedDegrees>{reads}</LocalizedDegrees>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
};
