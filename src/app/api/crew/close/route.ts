import { closeSchema } from '@/server/http/access-schemas';
import { type Asking, refuse, route } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { cancelCrewDeletion, crewOf, scheduleCrewDeletion } from '@/server/repositories/crews';

/** Schedules the deletion of the crew after its grace period, or cancels it. */
export const POST = route(
  'close crew',
  'close',
  withBody(closeSchema, 1000, async ({ action, handle = '' }, _request, { principal, scope }: Asking) => {
    if (action === 'keep') {
      await cancelCrewDeletion(scope);
      await audit(scope, principal.name, 'kept', 'kept the crew: deletion canceled');
      return Response.json({ deleteAfter: null });
    }
    const { handle: own, isDemo } = await crewOf(scope);
    if (isDemo) return refuse(409, 'A made-up crew of the demo is not deleted.');
    if (handle.trim().toLowerCase() !== own)
      return refuse(400, 'That does not match the part after the @ in your sign-in name.', 'handle');
    const { deleteAfter } = await scheduleCrewDeletion(scope);
    await audit(scope, principal.name, 'scheduled the crew for deletion on', deleteAfter!.slice(0, 10));
    return Response.json({ deleteAfter });
  }),
);
