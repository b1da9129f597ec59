import { allowedHosts, notLetIn } from './allowed';

const asked = (method: string, headers: Record<string, string>) => ({
  method,
  headers: { get: (name: string) => headers[name] ?? null },
});
const statusOf = (method: string, headers: Record<string, string>, env = {}) =>
  notLetIn(asked(method, headers), allowedHosts(env))?.status ?? 200;

describe('host names that are answered', () => {
  test.each(['127.0.0.1:4300', 'localhost', 'app.localhost:80', '[::1]:4300', '192.168.1.20:3000'])(
    'an IP address or this machine’s own name: %s',
    (host) => expect(statusOf('GET', { host })).toBe(200),
  );

  test.each(['evil.example', 'rebound.evil.example:4300', '127.0.0.1.evil.example', '', 'localhost.evil.example'])(
    'a name that another name server may point here is not: %s',
    (host) => expect(statusOf('GET', { host })).toBe(421),
  );

  test('names from start-up or settings are', () => {
    expect(statusOf('GET', { host: 'heat.crew.example' }, { ALLOWED_HOSTS: 'a.example, Heat.Crew.Example' })).toBe(200);
    expect(statusOf('GET', { host: 'van.lan:4300' }, { HOST: 'van.lan' })).toBe(200);
    expect(statusOf('GET', { host: 'other.lan:4300' }, { HOST: 'van.lan' })).toBe(421);
  });
});

describe('a write', () => {
  const host = '192.168.1.20:3000';
  test.each<[string, Record<string, string>, number]>([
    ['of this origin', { origin: `http://${host}` }, 200],
    ['of another site, whatever the browser leaves out', { origin: 'http://evil.example' }, 403],
    ['of another port of this machine', { origin: 'http://192.168.1.20:3001' }, 403],
    ['of a page without an origin', { origin: 'null' }, 403],
    ['that its browser calls cross-site', { 'sec-fetch-site': 'cross-site' }, 403],
    ['of a program', {}, 200],
  ])('%s', (_, headers, status) => {
    for (const method of ['POST', 'PUT', 'PATCH', 'DELETE'])
      expect(statusOf(method, { host, ...headers })).toBe(status);
  });

  test('reading is not a write', () => expect(statusOf('GET', { host, origin: 'http://evil.example' })).toBe(200));
});
