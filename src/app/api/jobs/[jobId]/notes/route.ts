import { noteSchema } from '@/server/http/access-schemas';
import { type JobContext, jobRoute, missing } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { saveNote } from '@/server/repositories/company';

/** Leaves a note on a job for whoever goes; without words it takes the one that stands away. */
export const POST = jobRoute(
  'leave note',
  'note',
  withBody(noteSchema, 4000, async ({ words }, _request, { jobId, principal, scope }: JobContext) =>
    (await saveNote(scope, jobId, words.trim(), principal.name)) ? Response.json({ ok: true }) : missing(),
  ),
);
