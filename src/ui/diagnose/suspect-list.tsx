'use client';

import Link from 'next/link';
import { CAUSE_KINDS } from '@/core/causes/cause';
import { CALLS } from '@/core/control/moment';
import { suspectedParts, suspectedRung, suspectsQuery } from '@/core/diagnosis/suspected-parts';
import type { DiagnosisView, ReadLine, ShownSuspect } from '@/core/diagnosis/trouble';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { jobQuery } from '../job/query';

/** A reading in one line. */
export const readWords = ({ words, call, answer }: ReadLine): string =>
  `${words}${call === null ? '' : `, ${CALLS[call].short.toLowerCase()}`}: ${answer}`;

const Lines = ({ title, lines }: { title: string; lines: readonly ReadLine[] }) =>
  lines.length === 0 ? null : (
    <div>
      <p className="eyebrow">{title}</p>
      <ul className="list-disc pl-5">
        {lines.map((line) => (
          <li key={line.id}>
            <LocalizedDegrees>{readWords(line)}</LocalizedDegrees>
          </li>
        ))}
      </ul>
    </div>
  );

const percent = (p: number): string => (p >= 0.995 ? '>99 %' : p < 0.01 ? '<1 %' : `${Math.round(p * 100)} %`);

const SuspectRow = ({ suspect, isFirst }: { suspect: ShownSuspect; isFirst: boolean }) => {
  const { causes, p, standing, speaksFor, speaksAgainst } = suspect;
  const [first, ...others] = causes;
  return (
    <li className="border-b border-line">
      <details open={isFirst && p >= 0.5}>
        <summary className="grid min-h-11 cursor-pointer grid-cols-[1fr_auto] items-center gap-x-3 py-1.5">
          <span className="min-w-0">
            <span className={isFirst ? 'font-semibold' : ''}>{first!.words}</span>
            {others.length > 0 && <span className="text-quiet"> (+{others.length} with the same readings)</span>}
            <span aria-hidden className="mt-1 block h-2 bg-line">
              <span className="block h-2 bg-ink" style={{ width: `${Math.max(1, p * 100)}%` }} />
            </span>
          </span>
          <span className="text-right">
            <span className="block font-mono font-semibold">{percent(p)}</span>
            <span className="block text-sm text-quiet">{standing}</span>
          </span>
        </summary>
        <div className="grid gap-1 pb-2 pl-3 text-sm">
          <Lines title="Evidence for" lines={speaksFor} />
          <Lines title="Evidence against" lines={speaksAgainst} />
          {speaksFor.length + speaksAgainst.length === 0 && (
            <p className="text-quiet">No evidence for or against it yet. {first!.because}</p>
          )}
          {others.length > 0 && (
            <div>
              <p className="eyebrow">Reads the same at every point</p>
              <ul className="list-disc pl-5">
                {causes.map(({ id, words, confirm }) => (
                  <li key={id}>
                    {words}. <span className="text-quiet">{confirm}</span>
                  </li>
                ))}
              </ul>
            </div>
          )}
          <p className="text-quiet">{CAUSE_KINDS[first!.kind]}</p>
        </div>
      </details>
    </li>
  );
};

/** Links to the remaining suspects: on the drawing, on the ladder. */
const Shown = ({ suspects }: { suspects: readonly ShownSuspect[] }) => {
  const id = useJob((job) => job.saved.id);
  const query = useJob(jobQuery);
  const parts = suspectedParts(suspects);
  const rung = suspectedRung(suspects);
  return (
    <p className="flex flex-wrap gap-x-4">
      {parts.length > 0 && (
        <Link
          className="flex min-h-11 items-center text-link"
          prefetch={false}
          href={`/jobs/${id}/wiring?${query}&${suspectsQuery(parts)}`}
        >
          Suspects on the drawing
        </Link>
      )}
      {rung && (
        <Link
          className="flex min-h-11 items-center text-link"
          prefetch={false}
          href={`/jobs/${id}/strips?${query}&rung=${rung}`}
        >
          On the ladder
        </Link>
      )}
    </p>
  );
};

/** Remaining suspects, most likely first, with evidence for and against. */
export const SuspectList = ({ trouble: { suspects, ruledOut, all, evidence } }: { trouble: DiagnosisView }) => (
  <section aria-labelledby="suspects-title">
    <h2 id="suspects-title" className="section-head">
      Suspects
    </h2>
    <ul aria-label="Suspects, most likely first">
      {suspects.map((suspect, at) => (
        <SuspectRow key={suspect.key} suspect={suspect} isFirst={at === 0} />
      ))}
    </ul>
    <Shown suspects={suspects} />
    <p className="mt-1 text-sm text-quiet">
      {evidence.length > 0
        ? `${ruledOut} of ${all} possible faults ruled out.`
        : `${ruledOut} of ${all} possible faults do not fit this complaint.`}
    </p>
  </section>
);
