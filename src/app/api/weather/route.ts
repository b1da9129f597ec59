import { route } from '@/server/http/respond';
import { weatherSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { addWeather, listWeather } from '@/server/repositories/weather';

const MAX_BYTES = 200_000;

export const GET = route('list weather', async () => Response.json({ weather: await listWeather() }));

export const POST = route(
  'add weather',
  withBody(weatherSchema, MAX_BYTES, async ({ id, name, hoursF, humidity, filled, author = '' }) =>
    Response.json(await addWeather({ id, name, hoursF, humidity, filled, author }), { status: 201 }),
  ),
);
