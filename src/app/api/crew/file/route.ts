import { route, streamed } from '@/server/http/respond';
import { audit } from '@/server/repositories/audit';
import { crewFile } from '@/server/repositories/crew-file';
import { crewOf } from '@/server/repositories/crews';

/** All data of the crew as one file, streamed line by line. */
export const GET = route('export crew', 'close', async (_request, { principal, scope }) => {
  await audit(scope, principal.name, 'exported', 'exported everything to a file');
  const { handle } = await crewOf(scope);
  return streamed(crewFile(scope), {
    'Content-Type': 'application/x-ndjson; charset=utf-8',
    'Content-Disposition': `attachment; filename="${handle ?? 'crew'}.jsonl"`,
  });
});
