'use client';

import { Download, RotateCw, Send, Upload } from 'lucide-react';
import { may } from '@/core/access/may';
import type { AtWork } from '@/core/instrument/at-work';
import type { QueuedRequest } from '@/core/sync/queue/queued-request';
import { download } from '../kit/download';
import { FileButton } from '../kit/file-button';
import { toast } from '../kit/toast';
import { dropRequest, othersRequests, takeOverRequests } from './queued-requests';
import { type TakenFile, takeOverHere, takeWaitingFile, type Waiting, waitingFile } from './waiting';

/** Number of waiting entries, in words. */
export const waitingWords = (many: number) =>
  many === 1 ? '1 entry waiting to send' : `${many} entries waiting to send`;

const sumOf = (waiting: readonly Waiting[]) => waiting.reduce((sum, each) => sum + each.count, 0);

const saveFile = (personId: string) =>
  download('waiting.json', new Blob([waitingFile(personId)], { type: 'application/json' }));

const several = (count: number, one: string, many: string) => (count === 1 ? one : `${count} ${many}`);

/** What was imported, in words; empty: nothing. */
const takenWords = ({ jobs, profiles, requests, leftOut }: TakenFile): string => {
  const parts = [
    ...(jobs > 0 ? [several(jobs, 'one job', 'jobs')] : []),
    ...(profiles > 0 ? [several(profiles, 'one controller', 'controllers')] : []),
  ];
  const opened = parts.length > 0 ? [`Imported for ${parts.join(' and ')}. Open each to send it.`] : [];
  const sent = requests > 0 ? [`${several(requests, 'One request goes', 'requests go')} out when you are online.`] : [];
  const left =
    leftOut > 0
      ? [
          `${several(leftOut, 'One entry stays', 'entries stay')} in the file: unreadable, or only its author may send it.`,
        ]
      : [];
  return [...opened, ...sent, ...left].join(' ');
};

interface WaitingListProps {
  readonly who: AtWork | null;
  readonly waiting: readonly Waiting[];
  readonly requests: readonly QueuedRequest[];
  /** Whether a job is on this device: it is listed with its waiting entries. */
  readonly isListed: (jobId: string) => boolean;
  readonly onTryAgain: (requestId: string) => void;
  readonly onChanged: () => void;
  /** Sends what can go out now. */
  readonly onSend: () => void;
}

/** Waiting entries on this device, their owner, why the server refused them, and ways to send them. */
export const WaitingList = ({ who, waiting, requests, isListed, onTryAgain, onChanged, onSend }: WaitingListProps) => {
  const own = waiting.filter(({ isOthers }) => !isOthers);
  const others = waiting.filter(({ isOthers }) => isOthers);
  const ofCrew = others.filter(({ crewId }) => who?.crewId !== undefined && crewId === who.crewId);
  const asked = othersRequests(who);
  const othersCount = sumOf(others) + asked.all;
  const crewCount = sumOf(ofCrew) + asked.ofCrew;
  // Requests wait too: a new job, a controller, a year of weather, a handover.
  const ownCount = sumOf(own) + requests.length;
  const elsewhere = own.filter(({ kind, id }) => kind === 'profile' || !isListed(id));
  const take = async (chosen: File) => {
    if (!who) return toast.error('Sign in first: imported entries are sent under your name.');
    const taken = takeWaitingFile(await chosen.text(), who);
    if (taken === null)
      toast.error(
        'Not imported: it is not an unsent-entries file, or this device is full. The other device still has it.',
      );
    else if (takenWords(taken) !== '') toast(takenWords(taken));
    onSend();
  };
  return (
    <section aria-labelledby="waiting-title" className="mt-6">
      <h2 id="waiting-title" className="font-label text-xl font-semibold">
        {ownCount === 0 ? 'Nothing waiting to send' : waitingWords(ownCount)}
      </h2>
      <p className="mt-1 text-quiet">
        Unsent entries go out automatically when their job or controller is open and you are online. You can also save
        them as a file and send them from another device.
      </p>
      {requests.map(({ id, words, problem }) => (
        <p key={id} className="mt-1 flex flex-wrap items-center gap-x-3 font-medium text-warn">
          {words}: {problem ?? 'sends as soon as the server is reachable'}
          {problem && (
            <>
              <button type="button" className="plain-button" onClick={() => onTryAgain(id)}>
                <RotateCw size={18} aria-hidden /> Try again
              </button>
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  dropRequest(id);
                  onChanged();
                }}
              >
                Discard
              </button>
            </>
          )}
        </p>
      ))}
      {othersCount > 0 && (
        <div className="mt-1 flex flex-wrap items-center gap-x-3">
          <p className="font-medium text-warn">
            {waitingWords(othersCount)} for another person to sign in on this device.
          </p>
          {who && may(who, 'settle') && crewCount > 0 && (
            <button
              type="button"
              className="plain-button"
              title="For someone who left or lost their password. The reading keeps the name it was entered under."
              onClick={() => {
                takeOverHere(who);
                takeOverRequests(who);
                onChanged();
              }}
            >
              <Send size={18} aria-hidden /> Send under my name
            </button>
          )}
        </div>
      )}
      {elsewhere.map(({ kind, id, count: many }) => (
        <p key={id} className="mt-1">
          {kind === 'profile' ? (
            <a href={`/library/${id}`} className="text-link">
              Changes to a controller waiting to send
            </a>
          ) : (
            <a href={`/jobs/${id}/survey`} className="text-link">
              {waitingWords(many)} for a job that is not on this device
            </a>
          )}
        </p>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        {who && ownCount > 0 && (
          <button type="button" className="plain-button" onClick={() => saveFile(who.personId)}>
            <Download size={18} aria-hidden /> Save it as a file
          </button>
        )}
        <FileButton label="Unsent-entries file" accept="application/json,.json" onFile={(chosen) => void take(chosen)}>
          <Upload size={18} aria-hidden /> Import from another device
        </FileButton>
      </div>
    </section>
  );
};
