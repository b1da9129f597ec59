import { render } from '@testing-library/react';
import { DEFAULT_MOMENT } from '../../src/core/control/moment';
import { blankJob, type JobDocument } from '../../src/core/job/document';
import { NO_HISTORY, type StoredJob } from '../../src/core/job/stored-job';
import { DeferredModel } from '../../src/ui/job/deferred-model';
import { JobProvider } from '../../src/ui/job/provider';
import { AtWorkProvider } from '../../src/ui/person/at-work';

/** The person at work on the device. */
export const ANA = {
  personId: 'ana',
  crewId: 'crew',
  me: 'Ana',
  role: 'technician',
  names: ['Ana'],
  instruments: [],
} as const;

/** Id of the job that is shown. */
export const JOB_ID = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001';

/** A stored job; blank unless given a document or more. */
export const storedJob = (more: Partial<StoredJob> = {}): StoredJob => ({
  ...NO_HISTORY,
  id: JOB_ID,
  revision: 4,
  document: blankJob(),
  handedOverAt: null,
  archivedAt: null,
  updatedAt: '2026-02-01T10:00:00.000Z',
  updatedBy: '',
  ...more,
});

/** A job with these facts. */
export const jobWith = (facts: JobDocument['facts']): StoredJob => storedJob({ document: { ...blankJob(), facts } });

/** Renders a component on the page of a job, with Ana at work. */
export const renderInJob = (part: React.ReactNode, job: StoredJob = storedJob()) =>
  render(
    <AtWorkProvider crew={ANA}>
      <JobProvider job={job} moment={DEFAULT_MOMENT} visit={null} cautionsRead={[]}>
        <DeferredModel>{part}</DeferredModel>
      </JobProvider>
    </AtWorkProvider>,
  );

/** A device without signal and with empty storage. */
export const withoutSignal = (): void => {
  localStorage.clear();
  globalThis.fetch = async () => {
    throw new TypeError('no signal');
  };
};
