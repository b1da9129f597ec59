import { parseWith } from '@/core/border/parse';
import { MAX_JOB_FILE_BYTES } from '@/core/formats/job-file-limit';
import { idSchema } from '@/core/job/id-schema';
import { type Asking, refuse, route } from '@/server/http/respond';
import { withFile } from '@/server/http/with-body';
import { importJob } from '@/server/repositories/import-job';
import { inThread } from '@/server/threads/in-thread';

/** Imports a job file. If its id is taken, it becomes a copy under the id that the client made for that. */
export const POST = route(
  'import job',
  'change',
  withFile(
    (text) => inThread('job file', text),
    MAX_JOB_FILE_BYTES,
    async (file, request, { principal, scope }: Asking) => {
      const copyId = parseWith(idSchema, new URL(request.url).searchParams.get('copyId') ?? undefined);
      if (!copyId.ok) return refuse(400, copyId.error, 'copyId');
      const result = await importJob(scope, { file, copyId: copyId.value, by: principal.name });
      switch (result.kind) {
        case 'deleted':
          return refuse(409, 'This job was imported and then deleted. Import it again as a new one.');
        case 'taken':
          return refuse(
            409,
            'Both ids are taken by jobs of this crew; nothing was imported. Import the file again.',
            'id',
          );
        case 'landed':
          return Response.json({ id: result.id, name: result.name, isCopy: result.isCopy }, { status: 201 });
      }
    },
  ),
);
