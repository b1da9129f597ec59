import { parseWith } from '@/core/border/parse';
import { documentOf } from '@/core/formats/job-file';
import { sampleFile } from '@/core/formats/sample-file';
import { blankJob, copyName, type JobDocument, renamed } from '@/core/job/document';
import { SAMPLES } from '@/core/samples';
import { readBodyJson } from '@/server/http/read-body';
import { missing, refuse, route } from '@/server/http/respond';
import { createSchema } from '@/server/http/schemas';
import { createJob, getJob, listJobs } from '@/server/repositories/jobs';

const MAX_BYTES = 10_000;

export const GET = route('list jobs', async (request: Request) => {
  const query = new URL(request.url).searchParams;
  return Response.json(await listJobs(query.get('search') ?? '', query.get('shelf') === 'archived'));
});

/** What a new job starts from: nothing, a sample's facts, or another job's facts. Readings are never copied. */
const startingDocument = async (
  from: 'blank' | 'sample' | 'copy',
  source: string,
  name: string | undefined,
): Promise<JobDocument | null> => {
  if (from === 'blank') return renamed(blankJob(), name || 'New job');
  const sample = SAMPLES.find(({ id }) => id === source);
  const document = from === 'sample' ? sample && documentOf(sampleFile(sample)) : (await getJob(source))?.document;
  return document ? renamed(document, name || copyName(document.facts)) : null;
};

export const POST = route('create job', async (request: Request) => {
  const body = await readBodyJson(request, MAX_BYTES);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(createSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  const { id, from, name, source = '', author = '' } = parsed.value;
  const document = await startingDocument(from, source, name);
  if (!document) return missing();
  const { job, isNew } = await createJob(id, document, { readings: [], settingMarks: [] }, null, author);
  return Response.json(job, { status: isNew ? 201 : 200 });
});
