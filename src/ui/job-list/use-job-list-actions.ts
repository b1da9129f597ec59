'use client';

import { useRouter } from 'next/navigation';
import { v4 as uuid } from 'uuid';
import type { JobSummary } from '@/core/job-list/job-summary';
import type { JobBundle } from '@/core/sync/job/job-bundle';
import { jobNote } from '@/core/sync/queue/requests';
import { toast } from '@/ui/kit/toast';
import { saveBundle } from '@/ui/offline/device';
import { setDeviceUser } from '@/ui/offline/device-user';
import { sendOrQueue } from '@/ui/offline/queued-requests';
import { saveYearForJob } from '@/ui/offline/years';
import { useAtWork } from '@/ui/person/at-work';
import { call, failedWords } from '@/ui/requests/api';
import { useTour } from '@/ui/tour/tour';
import { TOUR_SAMPLE, TOUR_STOPS } from '@/ui/tour/tour-stops';
import type { Move } from './job-menu';

const OPPOSITE: Record<Move, Move> = { archive: 'restore', restore: 'archive', delete: 'undelete', undelete: 'delete' };
const SAID: Record<Move, string> = {
  archive: 'Archived',
  restore: 'Restored to the job list',
  delete: 'Deleted',
  undelete: 'Restored to the job list',
};

interface Rows {
  readonly isArchived: boolean;
  readonly refresh: () => void;
  readonly drop: (id: string, fromArchived: boolean) => void;
}

/** Actions of the job list, sent to the server and undone from their message. */
export const useJobListActions = ({ isArchived, refresh, drop }: Rows) => {
  const router = useRouter();
  const { personId, crewId } = useAtWork();
  const walk = useTour(({ go }) => go);
  const move = async (job: JobSummary, action: Move, isUndo = false) => {
    const answer = await call(`/api/jobs/${job.id}/move`, { method: 'POST', body: { action, author: '' } });
    if (answer.kind !== 'ok')
      return toast.error(
        failedWords(`${job.name} could not be archived (or restored, or deleted). Say which.`, answer),
      );
    if (isUndo) refresh();
    else drop(job.id, isArchived);
    toast(`${SAID[action]}: ${job.name}`, {
      action: { label: 'Undo', onClick: () => void move(job, OPPOSITE[action], !isUndo) },
    });
  };
  const copy = async (job: JobSummary) => {
    const answer = await call(`/api/jobs`, { method: 'POST', body: { id: uuid(), from: 'copy', source: job.id } });
    if (answer.kind !== 'ok') return toast.error(failedWords(`${job.name} was not duplicated.`, answer));
    refresh();
    toast(`Duplicated: ${job.name}`);
  };
  const leaveNote = async (job: JobSummary, words: string) => {
    const answer = await sendOrQueue(jobNote(uuid(), job.id, words, { personId, crewId }));
    if (answer.kind === 'queued') toast('The note is saved on this device and will sync when you are online.');
    else if (answer.kind !== 'ok') toast.error(failedWords(`The note on ${job.name} was not saved.`, answer));
    else refresh();
  };
  /** Saves jobs on this device for offline use; asks the browser for persistent storage. */
  const takeAlong = async (jobs: readonly JobSummary[]) => {
    await navigator.storage?.persist?.();
    let taken = 0;
    for (const job of jobs) {
      const answer = await call<JobBundle>(`/api/jobs/${job.id}/bundle`);
      if (answer.kind !== 'ok') return toast.error(failedWords(`${job.name} was not saved on this device.`, answer));
      setDeviceUser(answer.value.crew);
      if (!(await saveBundle(answer.value, true)))
        return toast.error(
          `Not enough space on this device for ${job.name}. Remove other jobs first under “Jobs on this device”.`,
        );
      await saveYearForJob(answer.value.job);
      taken++;
    }
    toast(taken === 1 ? `Saved on this device: ${jobs[0]!.name}` : `Saved on this device: ${taken} jobs`);
  };
  /** Creates a job from a sample and opens it. */
  const openSample = async (source: string, name: string, goesTo = 'survey') => {
    const answer = await call<{ id: string }>('/api/jobs', {
      method: 'POST',
      body: { id: uuid(), from: 'sample', source, name },
    });
    if (answer.kind === 'ok') router.push(`/jobs/${answer.value.id}/${goesTo}`);
    else toast.error(failedWords('The sample was not opened.', answer));
    return answer.kind === 'ok';
  };
  return {
    move: (job: JobSummary, action: Move) => void move(job, action),
    copy: (job: JobSummary) => void copy(job),
    leaveNote: (job: JobSummary, words: string) => void leaveNote(job, words),
    takeAlong: (jobs: readonly JobSummary[]) => void takeAlong(jobs),
    openSample: (source: string, name: string) => void openSample(source, name),
    /** Starts the two-minute tour on a separate job. */
    beginWalk: async () => {
      const [first] = TOUR_STOPS;
      if (await openSample(TOUR_SAMPLE, 'Two-minute tour', `${first!.page}?${first!.query}`)) walk(0);
    },
  };
};
