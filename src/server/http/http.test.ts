import { ConnectionRefusedError, DatabaseError } from 'sequelize';
import { closeDatabase } from '../database';
import { readBodyJson, readBodyText } from './read-body';
import { download, jobRoute, openRoute } from './respond';
import { signInAs, testRequest } from './test-request';

afterAll(closeDatabase);

const post = (body: BodyInit, headers: Record<string, string> = {}) =>
  new Request('http://test.local/', {
    method: 'POST',
    body,
    headers: { 'content-type': 'application/json', ...headers },
    duplex: 'half',
  } as RequestInit);
const empty = () =>
  new Request('http://test.local/', { method: 'POST', headers: { 'content-type': 'application/json' } });

/** A chunked body without a length. */
const pieces = (...parts: Uint8Array[]) =>
  new ReadableStream<Uint8Array>({
    start: (controller) => {
      parts.forEach((part) => controller.enqueue(part));
      controller.close();
    },
  });

const bytes = (text: string) => new TextEncoder().encode(text);

describe('reading a body', () => {
  test('joins pieces, including a character cut in two', async () => {
    const whole = bytes('{"a":"é"}');
    expect(await readBodyJson(post(pieces(whole.slice(0, 7), whole.slice(7))), 100)).toEqual({
      ok: true,
      value: { a: 'é' },
    });
  });

  test('stops once it is too large, though no length was declared', async () => {
    let pulled = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull: (controller) => {
        pulled++;
        controller.enqueue(new Uint8Array(1000));
      },
    });
    expect(await readBodyText(post(endless), 10_000)).toMatchObject({
      ok: false,
      error: expect.stringMatching(/larger than/),
    });
    expect(pulled).toBeLessThan(30);
  });

  test('refuses what is not UTF-8', async () => {
    expect(await readBodyText(post(pieces(new Uint8Array([0xff, 0xfe, 0x80]))), 100)).toMatchObject({
      ok: false,
      error: expect.stringMatching(/UTF-8/),
    });
  });

  test('refuses what is not declared as JSON: another site’s form cannot write', async () => {
    for (const type of ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x', ''])
      expect(await readBodyText(post('{}', { 'content-type': type }), 100)).toMatchObject({ ok: false, status: 415 });
    expect(await readBodyText(post('{}', { 'content-type': 'application/json; charset=utf-8' }), 100)).toMatchObject({
      ok: true,
    });
  });

  test('waits for a slow body only until its deadline', async () => {
    const silent = new ReadableStream<Uint8Array>({ start: (controller) => controller.enqueue(bytes('{')) });
    expect(await readBodyText(post(silent), 100, 20)).toMatchObject({ ok: false, status: 408 });
  });

  test('an empty body is an empty text, not JSON', async () => {
    expect(await readBodyText(empty(), 100)).toEqual({
      ok: true,
      value: '',
    });
    expect(await readBodyJson(empty(), 100)).toMatchObject({ ok: false });
  });
});

describe('a route', () => {
  const of = async (handler: () => Promise<Response>) => {
    const response = await openRoute('test', handler)(new Request('http://test.local/'));
    return [response.status, (await response.json()).error] as const;
  };

  test('that cannot reach its database says so in plain words, and what happens to what was entered', async () => {
    const [status, error] = await of(() => Promise.reject(new ConnectionRefusedError(new Error('ECONNREFUSED'))));
    expect(status).toBe(503);
    expect(error).toMatch(/saved on this device/);
  });

  test('says that a retry may succeed only where it may: no room, a deadlock, a shutdown', async () => {
    const database = (code: string) => new DatabaseError(Object.assign(new Error(code), { code, sql: '' }));
    const statusOf = async (code: string) => (await of(() => Promise.reject(database(code))))[0];
    expect(await Promise.all(['53100', '40P01', '57P01', '08006'].map(statusOf))).toEqual([503, 503, 503, 503]);
    expect(await Promise.all(['22P05', '23505', '42P01'].map(statusOf))).toEqual([500, 500, 500]);
    expect((await of(() => Promise.reject(database('53100'))))[1]).toMatch(/disk is full/);
  });

  test('is not cached on the way', async () => {
    const answer = await openRoute('test', async () => Response.json({}))(new Request('http://test.local/'));
    expect(answer.headers.get('cache-control')).toBe('no-store');
    expect(answer.headers.get('x-request-id')).toMatch(/^[0-9a-f-]{36}$/);
  });

  test('that fails reveals nothing internal', async () => {
    const [status, error] = await of(() => Promise.reject(new Error('secret: password=hunter2')));
    expect(status).toBe(500);
    expect(error).not.toMatch(/hunter2/);
  });

  test('under a job refuses a malformed id before any query', async () => {
    await signInAs('reader');
    const handler = jest.fn();
    const response = await jobRoute(
      'test',
      'see',
      handler,
    )(testRequest(), {
      params: Promise.resolve({ jobId: '../x' }),
    });
    expect([response.status, handler.mock.calls.length]).toEqual([404, 0]);
  });
});

test.each([
  ['Brandvold-Nkemelu, Cinder Creek', 'brandvold-nkemelu-cinder-creek.json'],
  ['Łódź "quoted"\r\nX-Header: 1', 'odz-quotedx-header-1.json'],
  ['…', 'job.json'],
])('a download of %j is named %s', (title, name) => {
  expect(download('{}', 'application/json', title, 'json').headers.get('content-disposition')).toBe(
    `attachment; filename="${name}"`,
  );
});
