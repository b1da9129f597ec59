import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { parseWith } from '@/core/border/parse';
import { idSchema } from '@/core/job/id-schema';
import { signedIn } from '@/server/access/signed-in';
import { bundlePart } from '@/server/job-bundle';
import { JobPages } from '@/ui/shell/job-pages';
import { jobScreen } from '@/ui/shell/screens';

interface Props {
  readonly params: Promise<{ readonly jobId: string; readonly page: readonly string[] }>;
}

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => {
  const screen = jobScreen((await params).page.join('/'));
  return screen ? { title: screen.title } : {};
};

/** A screen of a job with its data; from there the device opens the others by itself. */
const JobScreenPage = async ({ params }: Props) => {
  const { jobId, page } = await params;
  const [screen, id] = [jobScreen(page.join('/')), parseWith(idSchema, jobId)];
  if (!screen || !id.ok) notFound();
  const { scope } = await signedIn();
  return <JobPages initial={screen.needs ? await bundlePart(scope, id.value.toLowerCase(), screen.needs) : {}} />;
};

export default JobScreenPage;
