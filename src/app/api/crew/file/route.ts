import { route } from '@/server/http/respond';
import { audit } from '@/server/repositories/audit';
import { crewFile } from '@/server/repositories/crew-file';
import { crewOf } from '@/server/repositories/crews';

const encoder = new TextEncoder();

/** Everything of the crew as one file, line by line as it is read. */
export const GET = route('export crew', 'close', async (_request, { principal, scope }) => {
  await audit(scope, principal.name, 'exported', 'everything as a file');
  const lines = crewFile(scope);
  const body = new ReadableStream<Uint8Array>({
    pull: async (out) => {
      const { value, done } = await lines.next();
      if (done) out.close();
      else out.enqueue(encoder.encode(value));
    },
    cancel: async () => void (await lines.return(undefined)),
  });
  const { handle } = await crewOf(scope);
  return new Response(body, {
    headers: {
      'Content-Type': 'application/x-ndjson; charset=utf-8',
      'Content-Disposition': `attachment; filename="${handle ?? 'crew'}.jsonl"`,
    },
  });
});
