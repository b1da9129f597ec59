import { redirect } from 'next/navigation';

/** A job opens on its Survey. */
const JobPage = async ({ params }: { params: Promise<{ jobId: string }> }) =>
  redirect(`/jobs/${(await params).jobId}/survey`);

export default JobPage;
