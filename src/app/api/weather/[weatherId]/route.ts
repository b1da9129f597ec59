import { noWeather, weatherRoute } from '@/server/http/respond';
import { getWeather } from '@/server/repositories/weather';

export const GET = weatherRoute('get weather', async (_request, id) => {
  const weather = await getWeather(id);
  return weather ? Response.json(weather) : noWeather();
});
