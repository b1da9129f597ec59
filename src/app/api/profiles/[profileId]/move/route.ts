import { refuse, route } from '@/server/http/respond';
import { shelfSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { shelveProfile } from '@/server/repositories/profiles';

interface Context {
  readonly params: Promise<{ readonly profileId: string }>;
}

export const POST = route<Context>(
  'move profile',
  withBody(shelfSchema, 10_000, async ({ action, author = '' }, _request, { params }) => {
    const isMoved = await shelveProfile((await params).profileId.slice(0, 60), action === 'delete', author);
    return isMoved ? Response.json({ moved: action }) : refuse(404, 'There is no such profile.');
  }),
);
