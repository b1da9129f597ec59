import { ConnectionRefusedError } from 'sequelize';
import { readBodyJson, readBodyText } from './read-body';
import { download, jobRoute, route } from './respond';

const post = (body: BodyInit, headers: Record<string, string> = {}) =>
  new Request('http://test.local/', { method: 'POST', body, headers, duplex: 'half' } as RequestInit);

/** A body that says nothing of its length and comes in pieces. */
const pieces = (...parts: Uint8Array[]) =>
  new ReadableStream<Uint8Array>({
    start: (controller) => {
      parts.forEach((part) => controller.enqueue(part));
      controller.close();
    },
  });

const bytes = (text: string) => new TextEncoder().encode(text);

describe('reading a body', () => {
  test('puts pieces together, a letter cut in two included', async () => {
    const whole = bytes('{"a":"é"}');
    expect(await readBodyJson(post(pieces(whole.slice(0, 7), whole.slice(7))), 100)).toEqual({
      ok: true,
      value: { a: 'é' },
    });
  });

  test('stops once it is too large, though nothing said how long it is', async () => {
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

  test('refuses what is no UTF-8', async () => {
    expect(await readBodyText(post(pieces(new Uint8Array([0xff, 0xfe, 0x80]))), 100)).toMatchObject({
      ok: false,
      error: expect.stringMatching(/UTF-8/),
    });
  });

  test('an empty body is an empty text, and no JSON', async () => {
    expect(await readBodyText(new Request('http://test.local/', { method: 'POST' }), 100)).toEqual({
      ok: true,
      value: '',
    });
    expect(await readBodyJson(new Request('http://test.local/', { method: 'POST' }), 100)).toMatchObject({ ok: false });
  });
});

describe('a route', () => {
  const of = async (handler: () => Promise<Response>) => {
    const response = await route('test', handler)(new Request('http://test.local/'), {});
    return [response.status, (await response.json()).error] as const;
  };

  test('that cannot reach its database says so in plain words, and what happens to what was entered', async () => {
    const [status, error] = await of(() => Promise.reject(new ConnectionRefusedError(new Error('ECONNREFUSED'))));
    expect(status).toBe(503);
    expect(error).toMatch(/kept here/);
  });

  test('that fails tells nothing of its insides', async () => {
    const [status, error] = await of(() => Promise.reject(new Error('secret: password=hunter2')));
    expect(status).toBe(500);
    expect(error).not.toMatch(/hunter2/);
  });

  test('below a job refuses an id that is none before anything is asked', async () => {
    const handler = jest.fn();
    const response = await jobRoute('test', handler)(new Request('http://test.local/'), {
      params: Promise.resolve({ jobId: '../x' }),
    });
    expect([response.status, handler.mock.calls.length]).toEqual([404, 0]);
  });
});

test.each([
  ['Brandvold-Nkemelu, Cinder Creek', 'brandvold-nkemelu-cinder-creek.json'],
  ['Łódź "quoted"\r\nX-Header: 1', 'odz-quotedx-header-1.json'],
  ['…', 'job.json'],
])('a download of %j is called %s', (title, name) => {
  expect(download('{}', 'application/json', title, 'json').headers.get('content-disposition')).toBe(
    `attachment; filename="${name}"`,
  );
});
