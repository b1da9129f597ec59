'use client';

import { useSearchParams } from 'next/navigation';
import { memo, useCallback, useEffect, useState } from 'react';
import type { Company } from '@/core/access/company';
import { momentFromQuery, unknownInQuery } from '@/core/control/moment';
import type { AtWork } from '@/core/instrument/at-work';
import type { StoredJob } from '@/core/job/stored-job';
import { unnamedCount } from '@/core/sync/job/state';
import { CompanyLine } from '../crew/company-line';
import { useCompany } from '../crew/use-company';
import { HouseDegrees } from '../degrees/degrees';
import { DeferredModel } from '../job/deferred-model';
import { JobProvider, useJob } from '../job/provider';
import { toast } from '../kit/toast';
import { lazyBelowFold } from '../loading/lazy-below-fold';
import { lazyClient } from '../loading/lazy-client';
import { AtWorkProvider } from '../person/at-work';
import { OutdoorRulerDock } from '../ruler/outdoor-ruler';
import { useTour } from '../tour/tour';
import { followInJob } from './go';
import { JobHeader } from './header';
import { LostBanner } from './lost-banner';
import { PrintName } from './print-name';
import { useFreshJob } from './use-fresh';
import { useKeys } from './use-keys';

const Commands = lazyClient(() => import('./commands').then((module) => module.Commands));
const KeysDialog = lazyClient(() => import('./keys-dialog').then((module) => module.KeysDialog));
const KeepsListening = lazyBelowFold(() => import('../meter/keeps-listening').then((module) => module.KeepsListening));
const NameDialog = lazyClient(() => import('./name-dialog').then((module) => module.NameDialog));
const NoteDialog = lazyClient(() => import('../crew/note-dialog').then((module) => module.NoteDialog));
const StaleDialog = lazyClient(() => import('./stale-dialog').then((module) => module.StaleDialog));
const WalkPanel = lazyClient(() => import('./tour-panel').then((module) => module.TourPanel));

const Inside = memo(function Inside({
  rulerFolds,
  note,
  children,
}: {
  rulerFolds: string;
  note: Company['note'];
  children: React.ReactNode;
}) {
  const [shown, setShown] = useState<'commands' | 'keys' | 'note' | null>(null);
  const id = useJob((job) => job.saved.id);
  const { company, leave } = useCompany(id, note, useFreshJob());
  const walkStop = useTour(({ stop }) => stop);
  const isStale = useJob((job) => job.theirs !== null);
  const hasUnnamed = useJob((job) => unnamedCount(job) > 0);
  const openCommands = useCallback(() => setShown('commands'), []);
  const openKeys = useCallback(() => setShown('keys'), []);
  const openNote = useCallback(() => setShown('note'), []);
  useKeys({ onCommands: openCommands, onKeys: openKeys });
  return (
    <div
      onClickCapture={(event) => followInJob(event, id)}
      className="flex min-h-dvh flex-col has-[.company-line]:[--company-line:1.85rem] has-[.lost-line]:[--lost-line:2.3rem]"
    >
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:top-1 focus:left-1 focus:z-50 focus:bg-ink focus:px-4 focus:py-3 focus:text-paper"
      >
        Skip to content
      </a>
      <PrintName />
      <JobHeader onCommands={openCommands} />
      <LostBanner />
      <CompanyLine company={company} onNote={openNote} />
      {hasUnnamed && <NameDialog />}
      {walkStop !== null && <WalkPanel stop={walkStop} />}
      <main id="page" tabIndex={-1} className="flex-1 outline-none">
        {children}
      </main>
      <OutdoorRulerDock folds={rulerFolds} />
      {shown === 'commands' && <Commands onClose={() => setShown(null)} onKeys={openKeys} onNote={openNote} />}
      {shown === 'note' && (
        <NoteDialog first={company.note?.words ?? ''} onLeave={leave} onClose={() => setShown(null)} />
      )}
      {shown === 'keys' && <KeysDialog onClose={() => setShown(null)} />}
      {isStale && <StaleDialog />}
      <KeepsListening />
    </div>
  );
});

const InItsDegrees = ({ children }: { children: React.ReactNode }) => (
  <HouseDegrees scale={useJob((job) => job.facts.talk.scale)}>{children}</HouseDegrees>
);

/** The frame of every page of a job. The moment comes from the address. */
export const JobFrame = ({
  job,
  crew,
  note,
  rulerFolds,
  cautionsRead,
  children,
}: {
  job: StoredJob;
  note: Company['note'];
  crew: AtWork;
  rulerFolds: string;
  cautionsRead: readonly string[];
  children: React.ReactNode;
}) => {
  const query = useSearchParams();
  const [moment] = useState(() => momentFromQuery((name) => query.get(name)));
  const [visit] = useState(() => query.get('visit'));
  const [unknown] = useState(() => unknownInQuery((name) => query.get(name)));
  useEffect(() => {
    if (unknown) toast(unknown);
  }, [unknown]);
  return (
    <AtWorkProvider crew={crew}>
      <JobProvider job={job} moment={moment} visit={visit} cautionsRead={cautionsRead}>
        <InItsDegrees>
          <DeferredModel>
            <Inside rulerFolds={rulerFolds} note={note}>
              {children}
            </Inside>
          </DeferredModel>
        </InItsDegrees>
      </JobProvider>
    </AtWorkProvider>
  );
};
