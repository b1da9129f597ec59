import { parseWith } from '@/core/border/parse';
import { parseJobFileText } from '@/core/formats/job-file';
import { MAX_JOB_FILE_BYTES } from '@/core/formats/job-file-limit';
import { idSchema } from '@/core/job/id-schema';
import { jobName } from '@/core/job/job-name';
import { type Asking, refuse, route } from '@/server/http/respond';
import { withFile } from '@/server/http/with-body';
import { importJob } from '@/server/repositories/import-job';

/** Takes a job file. Where its id is taken, it lands as a copy under the id the client made for that. */
export const POST = route(
  'import job',
  'change',
  withFile(parseJobFileText, MAX_JOB_FILE_BYTES, async (file, request, { scope }: Asking) => {
    const copyId = parseWith(idSchema, new URL(request.url).searchParams.get('copyId') ?? undefined);
    if (!copyId.ok) return refuse(400, copyId.error, 'copyId');
    const landed = await importJob(scope, { file, copyId: copyId.value });
    if (!landed) return refuse(409, 'This job was imported and then deleted. Import it again as a new one.');
    const { job, isCopy } = landed;
    return Response.json({ id: job.id, name: jobName(job.document.facts), isCopy }, { status: 201 });
  }),
);
