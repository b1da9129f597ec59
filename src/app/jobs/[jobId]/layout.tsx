import type { Metadata } from 'next';
import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { parseWith } from '@/core/border/parse';
import { jobName } from '@/core/job/document';
import { idSchema } from '@/core/job/id-schema';
import { getJob } from '@/server/repositories/jobs';
import { JobFrame } from '@/ui/job/frame';
import { RULER_COOKIE } from '@/ui/ruler/cookie';

interface Props {
  readonly params: Promise<{ jobId: string }>;
  readonly children: React.ReactNode;
}

const load = cache(async (jobId: string) => {
  const id = parseWith(idSchema, jobId);
  return id.ok ? getJob(id.value) : null;
});

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => {
  const job = await load((await params).jobId);
  return { title: job ? jobName(job.document.facts) : 'No such job' };
};

const JobLayout = async ({ params, children }: Props) => {
  const job = await load((await params).jobId);
  if (!job) notFound();
  const folds = (await cookies()).get(RULER_COOKIE)?.value ?? '';
  return (
    <JobFrame key={job.id} job={job} rulerFolds={folds}>
      {children}
    </JobFrame>
  );
};

export default JobLayout;
