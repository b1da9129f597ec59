import { type Asking, route } from '@/server/http/respond';
import { weatherSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { addWeather, listWeather } from '@/server/repositories/weather';

const MAX_BYTES = 200_000;

export const GET = route('list weather', 'see', async (_request, { scope }) =>
  Response.json({ weather: await listWeather(scope) }),
);

export const POST = route(
  'add weather',
  'keep',
  withBody(
    weatherSchema,
    MAX_BYTES,
    async ({ id, name, hoursF, humidity, filled }, _request, { principal, scope }: Asking) =>
      Response.json(await addWeather(scope, { id, name, hoursF, humidity, filled, author: principal.name }), {
        status: 201,
      }),
  ),
);
