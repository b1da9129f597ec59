import { type Asking, refuse, route } from '@/server/http/respond';
import { shelfSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { archiveProfile } from '@/server/repositories/profiles';

interface Context {
  readonly params: Promise<{ readonly profileId: string }>;
}

export const POST = route<Context>(
  'move profile',
  'keep',
  withBody(shelfSchema, 10_000, async ({ action }, _request, { params, principal, scope }: Context & Asking) => {
    const isMoved = await archiveProfile(
      scope,
      (await params).profileId.slice(0, 60),
      action === 'delete',
      principal.name,
    );
    return isMoved ? Response.json({ moved: action }) : refuse(404, 'There is no such profile.');
  }),
);
