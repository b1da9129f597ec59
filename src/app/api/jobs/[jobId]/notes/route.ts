import { noteSchema } from '@/server/http/access-schemas';
import { type JobContext, jobRoute, missing } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { saveNote } from '@/server/repositories/company';

/** Leaves a note on a job for the next tech; an empty one removes the present note. */
export const POST = jobRoute(
  'leave note',
  'note',
  withBody(noteSchema, 4000, async ({ words }, _request, { jobId, principal, scope }: JobContext) =>
    (await saveNote(scope, jobId, words.trim(), principal.name)) ? Response.json({ ok: true }) : missing(),
  ),
);
