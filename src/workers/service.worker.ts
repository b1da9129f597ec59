/// <reference lib="webworker" />
import { type PrecacheEntry, Serwist } from 'serwist';

declare const self: ServiceWorkerGlobalScope & { readonly __SW_MANIFEST: (PrecacheEntry | string)[] };

/** The page shown for any address while the server does not answer. */
const SHELL = '/shell';
/** Wait for a page from the server before the device's own is shown, ms. */
const PATIENCE_MS = 3000;

const serwist = new Serwist({ precacheEntries: self.__SW_MANIFEST, skipWaiting: false, clientsClaim: true });

/** The shell with a fresh nonce in header and text: a reused nonce protects no one. */
const shell = async (): Promise<Response> => {
  const kept = await serwist.matchPrecache(SHELL);
  if (!kept) return Response.error();
  const policy = kept.headers.get('content-security-policy') ?? '';
  const old = /'nonce-([^']+)'/.exec(policy)?.[1];
  const nonce = btoa(crypto.randomUUID());
  const headers = new Headers(kept.headers);
  const text = await kept.text();
  if (old === undefined) return new Response(text, { headers });
  headers.set('content-security-policy', policy.replaceAll(old, nonce));
  return new Response(text.replaceAll(old, nonce), { headers });
};

/** A page from the server; if it does not answer in time, or something else answers, the shell. */
const page = async (request: Request): Promise<Response> => {
  const late = new AbortController();
  const timer = setTimeout(() => late.abort(), PATIENCE_MS);
  try {
    const response = await fetch(request, { signal: late.signal });
    return response.status === 502 || response.status === 503 || response.status === 504 ? await shell() : response;
  } catch {
    return shell();
  } finally {
    clearTimeout(timer);
  }
};

/** A worker's script from the cache as a fresh response: otherwise its URL fragment is lost. */
const script = async (request: Request): Promise<Response> => {
  const kept = await serwist.matchPrecache(new URL(request.url).pathname);
  return kept ? new Response(kept.body, { headers: kept.headers }) : fetch(request);
};

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (origin !== self.location.origin || request.method !== 'GET') return;
  const answer =
    request.mode === 'navigate' && !pathname.startsWith('/api/')
      ? page(request)
      : request.destination === 'worker'
        ? script(request)
        : null;
  if (!answer) return;
  event.stopImmediatePropagation();
  event.respondWith(answer);
});

serwist.addEventListeners();
