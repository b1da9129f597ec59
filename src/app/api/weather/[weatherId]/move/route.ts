import { noWeather, weatherRoute } from '@/server/http/respond';
import { shelfSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { shelveWeather } from '@/server/repositories/weather';

export const POST = weatherRoute(
  'move weather',
  withBody(shelfSchema, 10_000, async ({ action }, _request, id) =>
    (await shelveWeather(id, action === 'delete')) ? Response.json({ moved: action }) : noWeather(),
  ),
);
