import { type Asking, refuse, route } from '@/server/http/respond';
import { weatherSchema } from '@/server/http/schemas';
import { withBody } from '@/server/http/with-body';
import { addWeather, listWeather, MOST_YEARS } from '@/server/repositories/weather';

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
    async ({ id, name, hoursF, humidity, filled }, _request, { principal, scope }: Asking) => {
      const known = await listWeather(scope);
      if (known.length >= MOST_YEARS && !known.some((year) => year.id === id.toLowerCase()))
        return refuse(
          409,
          `The crew has ${MOST_YEARS} years of weather. Delete one that no job uses, then import this one.`,
        );
      return Response.json(await addWeather(scope, { id, name, hoursF, humidity, filled, author: principal.name }), {
        status: 201,
      });
    },
  ),
);
