import { noWeather, type WeatherContext, weatherRoute } from '@/server/http/respond';
import { shelfSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { archiveWeather } from '@/server/repositories/weather';

export const POST = weatherRoute(
  'move weather',
  'keep',
  withBody(shelfSchema, 10_000, async ({ action }, _request, { weatherId, scope }: WeatherContext) =>
    (await archiveWeather(scope, weatherId, action === 'delete')) ? Response.json({ moved: action }) : noWeather(),
  ),
);
