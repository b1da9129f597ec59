import { createServer, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

/** Default address for listening to a meter. */
export const METER_PORT = 4380;

/** Keep-alive interval for listeners, ms. */
const STILL_HERE_MS = 15_000;

/** A stream of lines for pages on this machine. */
export interface MeterServer {
  readonly address: string;
  /** Sends a line to all listeners. */
  readonly say: (line: string) => void;
  readonly close: () => Promise<void>;
}

/** Pages of this machine and of named origins may listen; no other site can. */
const mayListen = (origin: string | undefined, named: readonly string[]): boolean => {
  if (origin === undefined) return true;
  if (named.includes(origin)) return true;
  try {
    return ['127.0.0.1', 'localhost', '[::1]'].includes(new URL(origin).hostname);
  } catch {
    return false;
  }
};

/**
 * Serves lines as server-sent events at `/readings`, on this machine only.
 * @param port 0: any free port
 * @param origins addresses of other pages that may listen
 */
export const serveMeter = (port: number, origins: readonly string[]): Promise<MeterServer> => {
  const listeners = new Set<ServerResponse>();
  const server = createServer((request, response) => {
    const { origin } = request.headers;
    if (!mayListen(origin, origins)) {
      response.writeHead(403).end('This page may not listen. Start the meter with --origin and its address.\n');
      return;
    }
    const allowed = {
      ...(origin === undefined ? {} : { 'access-control-allow-origin': origin, vary: 'origin' }),
      'access-control-allow-private-network': 'true',
    };
    if (request.method === 'OPTIONS') {
      response.writeHead(204, allowed).end();
      return;
    }
    if (request.method !== 'GET' || request.url !== '/readings') {
      response.writeHead(404, allowed).end('Readings are at /readings.\n');
      return;
    }
    response.writeHead(200, { ...allowed, 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    response.write(': listening\n\n');
    listeners.add(response);
    response.on('close', () => listeners.delete(response));
  });
  const send = (text: string) => listeners.forEach((listener) => listener.write(text));
  const stillHere = setInterval(() => send(': still here\n\n'), STILL_HERE_MS);
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '127.0.0.1', () => {
      const { port: heard } = server.address() as AddressInfo;
      resolve({
        address: `http://127.0.0.1:${heard}/readings`,
        say: (line) => send(`data: ${line}\n\n`),
        close: () =>
          new Promise((done) => {
            clearInterval(stillHere);
            listeners.forEach((listener) => listener.end());
            server.close(() => done());
          }),
      });
    });
  });
};
