import type { Metadata } from 'next';
import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { parseWith } from '@/core/border/parse';
import { idSchema } from '@/core/job/id-schema';
import { jobName } from '@/core/job/job-name';
import { signedIn } from '@/server/access/signed-in';
import { atWork } from '@/server/job-bundle';
import { noteOf } from '@/server/repositories/company';
import { getJob } from '@/server/repositories/jobs';
import { READ_COOKIE, readPlaces } from '@/ui/job/read-cookie';
import { RULER_COOKIE } from '@/ui/ruler/cookie';
import { JobFrame } from '@/ui/shell/frame';

interface Props {
  readonly params: Promise<{ jobId: string }>;
  readonly children: React.ReactNode;
}

const load = cache(async (jobId: string) => {
  const id = parseWith(idSchema, jobId);
  return id.ok ? getJob((await signedIn()).scope, id.value) : null;
});

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => {
  const job = await load((await params).jobId);
  const name = job ? jobName(job.document.facts) : 'No such job';
  // Each page title starts with the page's name, for browser tabs and screen readers.
  return { title: { default: name, template: `%s · ${name} · Gate Cross` } };
};

const JobLayout = async ({ params, children }: Props) => {
  const job = await load((await params).jobId);
  if (!job) notFound();
  const { principal, scope } = await signedIn();
  const kept = await cookies();
  return (
    <JobFrame
      key={job.id}
      job={job}
      note={await noteOf(scope, job.id)}
      crew={await atWork(scope, principal)}
      rulerFolds={kept.get(RULER_COOKIE)?.value ?? ''}
      cautionsRead={readPlaces(kept.get(READ_COOKIE)?.value)}
    >
      {children}
    </JobFrame>
  );
};

export default JobLayout;
