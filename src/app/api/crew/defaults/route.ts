import { dequal as isEqual } from 'dequal/lite';
import { object } from 'yup';
import { type CrewDefaults, crewDefaultsSchema } from '@/core/new-job/crew-defaults';
import { type Asking, route } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { defaultsOf, saveDefaults } from '@/server/repositories/crews';

const MAX_BYTES = 50_000;

const given = crewDefaultsSchema.default(undefined).required('must be given');

export const GET = route('read crew defaults', 'see', async (_request, { scope }) =>
  Response.json(await defaultsOf(scope)),
);

/** Sets the defaults of new jobs; if someone else just changed them, nothing changes and theirs are returned. */
export const PUT = route(
  'decide crew defaults',
  'settle',
  withBody(
    object({ base: given, next: given }),
    MAX_BYTES,
    async ({ base, next }, _request, { principal, scope }: Asking) => {
      const now = await saveDefaults(scope, base as CrewDefaults, next as CrewDefaults);
      if (!isEqual(now, next))
        return Response.json(
          {
            error:
              'Someone else changed this while you were editing. Your changes are shown on top of theirs. Check them, then save again.',
            path: '',
            now,
          },
          { status: 409 },
        );
      await audit(scope, principal.name, 'decided', 'what new jobs begin with');
      return Response.json(now);
    },
  ),
);
