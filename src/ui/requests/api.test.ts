import { call } from './api';

const answering = (answer: () => Response) => Object.assign(globalThis, { fetch: async () => answer() });

test('the sign-in page of a public network is no answer of the server', async () => {
  answering(() => new Response('<html>Accept the terms</html>', { headers: { 'content-type': 'text/html' } }));
  expect(await call('/api/jobs')).toEqual({ kind: 'lost', error: 'The server is not responding.' });
});

test.each([
  [401, 'lost'],
  [408, 'lost'],
  [429, 'lost'],
  [500, 'lost'],
  [503, 'lost'],
  [400, 'refused'],
  [403, 'refused'],
  [404, 'refused'],
  [409, 'refused'],
])('%s: %s', async (status, kind) => {
  answering(() => Response.json({ error: 'No.', path: 'a' }, { status }));
  expect(await call('/api/jobs')).toMatchObject({ kind, status, error: 'No.' });
});

test('no signal is an answer too', async () => {
  answering(() => {
    throw new TypeError('no signal');
  });
  expect(await call('/api/jobs')).toMatchObject({ kind: 'lost' });
});
