import { noWeather, weatherRoute } from '@/server/http/respond';
import { getWeather } from '@/server/repositories/weather';

export const GET = weatherRoute('get weather', 'see', async (_request, { weatherId, scope }) => {
  const weather = await getWeather(scope, weatherId);
  return weather ? Response.json(weather) : noWeather();
});
