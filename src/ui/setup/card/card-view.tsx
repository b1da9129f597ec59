'use client';

import { ArrowDown, Printer } from 'lucide-react';
import Link from 'next/link';
import { useMemo } from 'react';
import { CONTROLLERS } from '@/core/job/controllers';
import { jobName } from '@/core/job/job-name';
import { banksOf, hasHardware } from '@/core/setup/card/banks';
import { type CardGap, cardOf, type CardScreen } from '@/core/setup/card/card';
import { cardFindings } from '@/core/setup/card/findings';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { LocalizedDegrees } from '../../degrees/degrees';
import { SeverityMark } from '../../findings/severity-mark';
import { WhatAndFix } from '../../findings/what-and-fix';
import { PersonLine } from '../../job/person-line';
import { useJob } from '../../job/provider';
import { VisitLine } from '../../job/visit-line';
import { useSettings } from '../use-settings';
import { CardEntry } from './card-entry';
import { CardSteps } from './card-steps';
import { Hardware } from './hardware';

/** On a phone each screen of the card fills the space between header and ruler. */
const SCREEN =
  'flex flex-col gap-3 border-b border-line py-4 max-sm:min-h-[calc(100dvh-17.5rem)] max-sm:scroll-mt-26 sm:grid sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] sm:py-3 break-inside-avoid';

const keyOf = (screen: CardScreen) => (screen.kind === 'entry' ? screen.line.key : `step-${screen.steps.id}`);

const GapLine = ({ gap: { what, fix, matters }, profile }: { gap: CardGap; profile: ControllerProfile }) => (
  <li className="flex gap-2">
    {matters && <SeverityMark severity="warning" />}
    <span>
      <WhatAndFix what={what} fix={fix} />
      <Link className="text-sm text-link" href={`/library/${profile.id}`} prefetch={false}>
        In the Library
      </Link>
    </span>
  </li>
);

/** The card of one controller, one screen at a time. */
export const CardView = ({ profile }: { profile: ControllerProfile }) => {
  const settings = useSettings();
  const marks = useJob((job) => job.settingMarks);
  const name = useJob((job) => jobName(job.facts));
  const card = useMemo(() => cardOf(profile, settings, marks), [profile, settings, marks]);
  const findings = cardFindings(card);
  const minor = card.gaps.filter(({ matters }) => !matters);
  const toSet = card.lines.filter(({ target }) => target.kind === 'set');
  const right = toSet.filter(({ isAsWanted }) => isAsWanted).length;
  return (
    <>
      <p className="hidden font-label text-xl font-semibold print:block">
        {name}: {CONTROLLERS[profile.role].toLowerCase()}
      </p>
      <p className="text-sm">{profile.about}</p>
      <div className="no-print">
        <PersonLine hasInstrument={false} />
        <VisitLine />
      </div>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <p className="font-mono">
          <span className="text-2xl font-semibold">{right}</span> of {toSet.length} set as planned
        </p>
        <button type="button" className="plain-button no-print" onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print the card
        </button>
      </div>
      {(card.gaps.length > minor.length || findings.length > 0) && (
        <ul aria-label="Findings" className="my-3 space-y-1.5">
          {findings.map(({ severity, what, fix, key }) => (
            <li key={what} className="flex gap-2">
              <SeverityMark severity={severity} />
              <span>
                <WhatAndFix what={what} fix={fix} />
                {key && (
                  <a className="text-sm text-link" href={`#${key}`}>
                    Go there
                  </a>
                )}
              </span>
            </li>
          ))}
          {card.gaps
            .filter(({ matters }) => matters)
            .map((gap) => (
              <GapLine key={gap.setting + gap.what} gap={gap} profile={profile} />
            ))}
        </ul>
      )}
      {minor.length > 0 && (
        <details className="text-sm print:hidden">
          <summary className="flex min-h-11 items-center">
            Reminders and display settings not in this profile: {minor.length}
          </summary>
          <ul>
            {minor.map((gap) => (
              <GapLine key={gap.setting + gap.what} gap={gap} profile={profile} />
            ))}
          </ul>
        </details>
      )}
      {hasHardware(profile) && <Hardware {...banksOf(card)} />}
      {profile.delays.length > 0 && (
        <p className="my-2 border-l-4 border-line-strong pl-3 text-sm">
          Delays that look like faults:{' '}
          {profile.delays
            .map(
              ({ label, seconds }) =>
                `${label.toLowerCase()}, ${seconds % 60 === 0 ? `${seconds / 60} min` : `${seconds} s`}`,
            )
            .join('; ')}
          .
        </p>
      )}
      <ol aria-label="Card" className="border-t-2 border-ink">
        {card.screens.map((screen, at) => {
          const next = card.screens[at + 1];
          return (
            <li key={keyOf(screen)} id={keyOf(screen)} className={SCREEN}>
              {screen.kind === 'entry' ? (
                <CardEntry line={screen.line} profile={profile} />
              ) : (
                <CardSteps steps={screen.steps} profile={profile} />
              )}
              {next && (
                <a href={`#${keyOf(next)}`} className="bare-button no-print self-end text-quiet sm:hidden">
                  Next <ArrowDown size={18} aria-hidden />
                </a>
              )}
            </li>
          );
        })}
      </ol>
      {card.skipped.length > 0 && (
        <details className="mt-3 text-sm">
          <summary className="flex min-h-11 items-center">Hidden by the controller: {card.skipped.length}</summary>
          <ul>
            {card.skipped.map(({ entry, why }) => (
              <li key={entry.scope + entry.code}>
                <span className="font-mono font-semibold">{entry.code}</span> {entry.label}:{' '}
                <LocalizedDegrees>{why}</LocalizedDegrees>.
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
};
