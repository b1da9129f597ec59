import { parseWith } from '@/core/border/parse';
import { documentOf, parseJobFileText } from '@/core/formats/job-file';
import { MAX_JOB_FILE_BYTES } from '@/core/formats/job-file-limit';
import { copyName, jobName, renamed } from '@/core/job/document';
import { idSchema } from '@/core/job/reading-schema';
import { readBodyText } from '@/server/http/read-body';
import { refuse, route } from '@/server/http/respond';
import { createJob, jobExists } from '@/server/repositories/jobs';

/** Takes a job file. Where its id is taken, it lands as a copy under the id the client made for that. */
export const POST = route('import job', async (request: Request) => {
  const copyId = parseWith(idSchema, new URL(request.url).searchParams.get('copyId') ?? undefined);
  if (!copyId.ok) return refuse(400, copyId.error, 'copyId');
  const text = await readBodyText(request, MAX_JOB_FILE_BYTES);
  if (!text.ok) return refuse(413, text.error, text.path);
  const file = parseJobFileText(text.value);
  if (!file.ok) return refuse(400, file.error, file.path);
  const { id, handedOverAt } = file.value;
  const document = documentOf(file.value);
  const isTaken = await jobExists(id);
  const named = isTaken ? renamed(document, copyName(document.facts)) : document;
  const { job } = await createJob(isTaken ? copyId.value : id, named, file.value, handedOverAt, 'import');
  return Response.json({ id: job.id, name: jobName(job.document.facts), isCopy: isTaken }, { status: 201 });
});
