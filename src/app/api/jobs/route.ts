import { documentOf } from '@/core/formats/job-file';
import { sampleFile } from '@/core/formats/sample-file';
import { type FactChange, type JobDocument, renamed } from '@/core/job/document';
import { isId } from '@/core/job/id-schema';
import { copyName } from '@/core/job/job-name';
import { NO_HISTORY } from '@/core/job/stored-job';
import { queryFromAddress } from '@/core/job-list/job-list-query';
import { beginJob } from '@/core/new-job/begin-job';
import { SAMPLES } from '@/core/samples';
import type { CrewScope } from '@/server/crew';
import { type Asking, missing, refuse, route } from '@/server/http/respond';
import { createSchema } from '@/server/http/schemas';
import { sharedJson } from '@/server/http/shared-json';
import { withBody } from '@/server/http/with-body';
import { defaultsOf } from '@/server/repositories/crews';
import { isListPosition, listJobs } from '@/server/repositories/job-list';
import { createJob, getJob } from '@/server/repositories/jobs';

const MAX_BYTES = 10_000;

export const GET = route('list jobs', 'see', async (request, { scope }) => {
  const query = new URL(request.url).searchParams;
  const question = queryFromAddress((name) => query.get(name));
  const after = query.get('after');
  if (after !== null && !isListPosition(after, question.sort))
    return refuse(400, 'is not a valid position in the list; start from the top', 'after');
  return sharedJson(await listJobs(scope, question, after, query.get('refresh') === 'yes'));
});

/** Starting point of a new job: blank, a sample's facts, or another job's facts. Readings are never copied. */
const startingDocument = async (
  scope: CrewScope,
  from: 'blank' | 'sample' | 'copy',
  source: string,
  name: string | undefined,
  changes: readonly FactChange[],
): Promise<JobDocument | null> => {
  if (from === 'blank') return beginJob(name ?? '', changes, await defaultsOf(scope));
  const sample = SAMPLES.find(({ id }) => id === source);
  const copied = async () => (isId(source) ? (await getJob(scope, source))?.document : undefined);
  const document = from === 'sample' ? sample && documentOf(sampleFile(sample)) : await copied();
  return document ? renamed(document, name || copyName(document.facts)) : null;
};

export const POST = route(
  'create job',
  'change',
  withBody(
    createSchema,
    MAX_BYTES,
    async ({ id, from, name, source = '', changes = [] }, _request, { principal, scope }: Asking) => {
      const document = await startingDocument(scope, from, source, name, changes as readonly FactChange[]);
      if (!document) return missing();
      const made = await createJob(scope, id, document, NO_HISTORY, null, principal.name);
      return made
        ? Response.json(made.job, { status: made.isNew ? 201 : 200 })
        : refuse(409, 'A job with this ID was deleted, and the ID cannot be reused. Create it under a new ID.', 'id');
    },
  ),
);
