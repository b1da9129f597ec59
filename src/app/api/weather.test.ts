import { randomUUID } from 'node:crypto';
import { climateById } from '@/core/balance/year/climates';
import { closeDatabase } from '@/server/database';
import { signInAs, testRequest } from '@/server/http/test-request';
import { POST as move } from './weather/[weatherId]/move/route';
import { GET as getWeather } from './weather/[weatherId]/route';
import { GET as listWeather, POST as addWeather } from './weather/route';

beforeAll(() => signInAs('lead', 'E. V.'));
afterAll(closeDatabase);

const none = {} as never;
const at = (weatherId: string) => ({ params: Promise.resolve({ weatherId }) });
const request = (body?: unknown) => testRequest(body);
const hoursF = [...climateById('alder-sound').hoursF()];
const weather = (more: object = {}) => ({
  id: randomUUID(),
  name: 'Cove Point',
  hoursF,
  filled: 3,
  author: 'E. V.',
  ...more,
});

test('a year of weather is kept, listed without its hours, and read back to a tenth', async () => {
  const kept = weather();
  expect((await addWeather(request(kept), none)).status).toBe(201);
  const { weather: list } = await (await listWeather(request(), none)).json();
  expect(list).toContainEqual({
    id: kept.id,
    name: 'Cove Point',
    filled: 3,
    addedAt: expect.any(String),
    addedBy: 'E. V.',
  });
  const back = await (await getWeather(request(), at(kept.id))).json();
  expect([back.hoursF, back.humidity]).toEqual([hoursF, null]);
});

test('its humidity is kept to a hundredth if its file had it', async () => {
  const humidity = [...climateById('alder-sound').humidity()];
  const kept = weather({ humidity });
  await addWeather(request(kept), none);
  expect((await (await getWeather(request(), at(kept.id))).json()).humidity).toEqual(humidity);
});

test('sent twice, it is saved once and never overwritten', async () => {
  const kept = weather();
  await addWeather(request(kept), none);
  await addWeather(request({ ...kept, name: 'Another' }), none);
  expect((await (await getWeather(request(), at(kept.id))).json()).name).toBe('Cove Point');
});

test.each([
  ['half a year', { hoursF: hoursF.slice(0, 4000) }, 'hoursF'],
  ['an hour that is no temperature', { hoursF: ['warm', ...hoursF.slice(1)] }, 'hoursF[0]'],
  ['an hour hotter than any', { hoursF: [900, ...hoursF.slice(1)] }, 'hoursF[0]'],
  ['humidity of half a year', { humidity: hoursF.slice(0, 4000).map(() => 0.5) }, 'humidity'],
  ['an hour damper than water', { humidity: hoursF.map(() => 40) }, 'humidity[0]'],
  ['no name', { name: '' }, 'name'],
  ['an id of none', { id: 'x' }, 'id'],
])('%s is refused with its path', async (_, wrong, path) => {
  const response = await addWeather(request(weather(wrong)), none);
  expect([response.status, (await response.json()).path]).toEqual([400, path]);
});

test('removed from the list it is gone, and can be restored', async () => {
  const kept = weather();
  await addWeather(request(kept), none);
  expect((await move(request({ action: 'delete' }), at(kept.id))).status).toBe(200);
  expect((await getWeather(request(), at(kept.id))).status).toBe(404);
  expect((await move(request({ action: 'undelete' }), at(kept.id))).status).toBe(200);
  expect((await getWeather(request(), at(kept.id))).status).toBe(200);
  expect((await move(request({ action: 'melt' }), at(kept.id))).status).toBe(400);
  expect((await move(request({ action: 'delete' }), at(randomUUID()))).status).toBe(404);
  expect((await getWeather(request(), at('nowhere'))).status).toBe(404);
});
