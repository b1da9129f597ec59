import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join, sep } from 'node:path';
import { inCrew } from '@/server/crew';
import { closeDatabase, database } from '@/server/database';
import { signedInHeaders, signInAs } from '@/server/http/test-request';
import { TEST_CREW } from '@/server/repositories/test-jobs';

beforeAll(() => signInAs('lead'));
afterAll(closeDatabase);

type Handler = (request: Request, context: unknown) => Promise<Response>;
const WRITES = ['POST', 'PUT', 'PATCH', 'DELETE'] as const;

/** Every route that writes, found on disk, so that a new one cannot be forgotten. */
const routes = readdirSync(__dirname, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith(`${sep}route.ts`))
  .flatMap((file) => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    const module = require(join(__dirname, file)) as Partial<Record<string, Handler>>;
    return WRITES.flatMap((method) => (module[method] ? [[`${method} ${file}`, method, module[method]] as const] : []));
  });

const params = Promise.resolve({
  jobId: randomUUID(),
  profileId: 'nobody-0001',
  weatherId: randomUUID(),
  personId: randomUUID(),
});
const nested = (depth: number) => '['.repeat(depth) + ']'.repeat(depth);
const JSON_TYPE = { 'content-type': 'application/json' };

const WRONG: readonly (readonly [string, string, Record<string, string>, readonly number[]])[] = [
  ['a form of another site', '{}', { 'content-type': 'text/plain' }, [415]],
  ['nothing', '', JSON_TYPE, [400]],
  ['no JSON', '{', JSON_TYPE, [400]],
  ['a number', '5', JSON_TYPE, [400]],
  ['null', 'null', JSON_TYPE, [400]],
  ['a list', '[]', JSON_TYPE, [400]],
  ['an empty object', '{}', JSON_TYPE, [400]],
  ['nests without end', nested(50_000), JSON_TYPE, [400, 413]],
  ['half a letter', '{"author":"\\ud83e"}', JSON_TYPE, [400]],
  ['a sign that is no letter', '{"author":"\\u0000"}', JSON_TYPE, [400]],
  ['a name that every object has', '{"__proto__":{"action":"delete"}}', JSON_TYPE, [400]],
  ['over limit', `{"author":"${'x'.repeat(25_000_000)}"}`, JSON_TYPE, [413]],
];

const counts = () =>
  inCrew(TEST_CREW, async () => {
    const tables = ['jobs', 'visits', 'readings', 'controller_profiles', 'weather_years', 'saves'];
    const [rows] = await database().query(
      `SELECT ${tables.map((table) => `(SELECT count(*) FROM ${table}) AS ${table}`).join(', ')}`,
    );
    return rows[0];
  });

test('the number of routes is known', () => expect(routes.length).toBeGreaterThanOrEqual(10));

describe.each(routes)('%s', (_, method, handler) => {
  test('refuses every kind of bad body, in words, and keeps nothing of it', async () => {
    const before = await counts();
    for (const [what, body, headers, statuses] of WRONG) {
      const request = new Request(`http://test.local/?copyId=${randomUUID()}`, {
        method,
        headers: { ...headers, ...signedInHeaders() },
        body,
      });
      const answer = await handler(request, { params });
      const said = await answer.json();
      expect([what, statuses.includes(answer.status), answer.status, typeof said.error, typeof said.path]).toEqual([
        what,
        true,
        answer.status,
        'string',
        'string',
      ]);
    }
    expect(await counts()).toEqual(before);
  });
});
