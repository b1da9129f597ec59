'use client';

import { Download, RotateCw, Send, Upload } from 'lucide-react';
import type { AtWork } from '@/core/access/at-work';
import { may } from '@/core/access/may';
import { FileButton } from '../fields/file-button';
import { download } from '../kit/download';
import { toast } from '../kit/toast';
import { dropErrand, type Errand, othersErrands, takeOverErrands } from './queued-requests';
import { takeOverHere, takeWaitingFile, type Waiting, waitingFile } from './waiting';

/** How many entries wait, in words. */
export const waitingWords = (many: number) => (many === 1 ? '1 entry waits' : `${many} entries wait`);

const sumOf = (waiting: readonly Waiting[]) => waiting.reduce((sum, each) => sum + each.count, 0);

const saveFile = (personId: string) =>
  download('waiting.json', new Blob([waitingFile(personId)], { type: 'application/json' }));

interface WaitingListProps {
  readonly who: AtWork | null;
  readonly waiting: readonly Waiting[];
  readonly errands: readonly Errand[];
  /** Whether a job is on this device: it is listed with what waits for it. */
  readonly isListed: (jobId: string) => boolean;
  readonly onTryAgain: (errandId: string) => void;
  readonly onChanged: () => void;
}

/** What waits on this device to be sent, whose it is, why the server refused it, and the ways out. */
export const WaitingList = ({ who, waiting, errands, isListed, onTryAgain, onChanged }: WaitingListProps) => {
  const own = waiting.filter(({ isOthers }) => !isOthers);
  const others = waiting.filter(({ isOthers }) => isOthers);
  const ofCrew = others.filter(({ crewId }) => who?.crewId !== undefined && crewId === who.crewId);
  const asked = othersErrands(who);
  const othersCount = sumOf(others) + asked.all;
  const crewCount = sumOf(ofCrew) + asked.ofCrew;
  const elsewhere = waiting.filter(({ jobId, isOthers }) => !isOthers && !isListed(jobId));
  const take = async (chosen: File) => {
    if (!who) return toast.error('Sign in first: what is imported goes out as whoever imports it.');
    const jobs = takeWaitingFile(await chosen.text(), who);
    if (jobs === null) toast.error('That is no file of what waits. Take the one that the other device wrote.');
    else if (jobs > 0) toast(`Imported, for ${jobs === 1 ? 'one job' : `${jobs} jobs`}. Open each job to send it.`);
    onChanged();
  };
  return (
    <section aria-labelledby="waiting-title" className="mt-6">
      <h2 id="waiting-title" className="font-label text-xl font-semibold">
        {own.length === 0 ? 'Nothing waits to be sent' : waitingWords(sumOf(own))}
      </h2>
      <p className="mt-1 text-quiet">
        What waits goes out by itself when its job is open and there is signal. As a file another device can send it.
      </p>
      {errands.map(({ id, words, problem }) => (
        <p key={id} className="mt-1 flex flex-wrap items-center gap-x-3 font-medium text-warn">
          {words}: {problem ?? 'goes to the server as soon as it is reached'}
          {problem && (
            <>
              <button type="button" className="plain-button" onClick={() => onTryAgain(id)}>
                <RotateCw size={18} aria-hidden /> Try again
              </button>
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  dropErrand(id);
                  onChanged();
                }}
              >
                Give it up
              </button>
            </>
          )}
        </p>
      ))}
      {othersCount > 0 && (
        <div className="mt-1 flex flex-wrap items-center gap-x-3">
          <p className="font-medium text-warn">
            {waitingWords(othersCount)} for somebody else to sign in on this device.
          </p>
          {who && may(who, 'settle') && crewCount > 0 && (
            <button
              type="button"
              className="plain-button"
              title="For whoever left, or lost his way in: who read it stays as it was said"
              onClick={() => {
                takeOverHere(who);
                takeOverErrands(who);
                onChanged();
              }}
            >
              <Send size={18} aria-hidden /> Send it as mine
            </button>
          )}
        </div>
      )}
      {elsewhere.map(({ jobId, count: many }) => (
        <p key={jobId} className="mt-1">
          <a href={`/jobs/${jobId}/survey`} className="underline underline-offset-4">
            {waitingWords(many)} for a job that is not on this device
          </a>
        </p>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        {who && own.length > 0 && (
          <button type="button" className="plain-button" onClick={() => saveFile(who.personId)}>
            <Download size={18} aria-hidden /> Save it as a file
          </button>
        )}
        <FileButton label="File of what waits" accept="application/json,.json" onFile={(chosen) => void take(chosen)}>
          <Upload size={18} aria-hidden /> Import another device’s
        </FileButton>
      </div>
    </section>
  );
};
