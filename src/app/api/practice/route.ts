import { playedSchema } from '@/core/practice/round-schema';
import { type Asking, route } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { addPlayed } from '@/server/repositories/practice';

const MAX_BYTES = 4_000;

export const POST = route(
  'keep practice',
  'practice',
  withBody(playedSchema, MAX_BYTES, async (played, _request, { principal, scope }: Asking) => {
    await addPlayed(scope, principal.personId, played);
    return Response.json({}, { status: 201 });
  }),
);
