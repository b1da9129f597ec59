import { parseWith } from '@/core/border/parse';
import { readBodyJson } from '@/server/http/read-body';
import { noWeather, refuse, weatherRoute } from '@/server/http/respond';
import { shelfSchema } from '@/server/http/schemas';
import { shelveWeather } from '@/server/repositories/weather';

export const POST = weatherRoute('move weather', async (request, id) => {
  const body = await readBodyJson(request, 10_000);
  if (!body.ok) return refuse(400, body.error, body.path);
  const parsed = parseWith(shelfSchema, body.value);
  if (!parsed.ok) return refuse(400, parsed.error, parsed.path);
  return (await shelveWeather(id, parsed.value.action === 'delete'))
    ? Response.json({ moved: parsed.value.action })
    : noWeather();
});
