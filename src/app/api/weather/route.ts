import { parseWith } from '@/core/border/parse';
import { readBodyJson } from '@/server/http/read-body';
import { refuse, route } from '@/server/http/respond';
import { weatherSchema } from '@/server/http/schemas';
import { addWeather, listWeather } from '@/server/repositories/weather';

const MAX_BYTES = 200_000;

export const GET = route('list weather', async () => Response.json({ weather: await listWeather() }));

export const POST = route('add weather', async (request) => {
  const body = await readBodyJson(request, MAX_BYTES);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(weatherSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  const { id, name, hoursF, filled, author = '' } = parsed.value;
  return Response.json(await addWeather({ id, name, hoursF, filled, author }), { status: 201 });
});
