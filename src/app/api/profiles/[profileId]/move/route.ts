import { parseWith } from '@/core/border/parse';
import { readBodyJson } from '@/server/http/read-body';
import { refuse, route } from '@/server/http/respond';
import { shelfSchema } from '@/server/http/schemas';
import { shelveProfile } from '@/server/repositories/profiles';

export const POST = route('move profile', async (request, { params }: { params: Promise<{ profileId: string }> }) => {
  const body = await readBodyJson(request, 10_000);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(shelfSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  const isMoved = await shelveProfile(
    (await params).profileId.slice(0, 60),
    parsed.value.action === 'delete',
    parsed.value.author ?? '',
  );
  return isMoved ? Response.json({ moved: parsed.value.action }) : refuse(404, 'There is no such profile.');
});
