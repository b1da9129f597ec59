/// <reference lib="webworker" />
import { type PrecacheEntry, Serwist } from 'serwist';

declare const self: ServiceWorkerGlobalScope & { readonly __SW_MANIFEST: (PrecacheEntry | string)[] };

/** The page that is in for every other one where the server does not answer. */
const SHELL = '/shell';
/** How long a page may take to come before the device's own is shown, ms. */
const PATIENCE_MS = 3000;

const serwist = new Serwist({ precacheEntries: self.__SW_MANIFEST, skipWaiting: false, clientsClaim: true });

/** The shell with a nonce of its own, in its head and in its text: one that is used twice protects no one. */
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

/** A page as the server has it; where it does not answer in time, or what answers is no server of ours, the shell. */
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

/** A worker's script as it is kept, without the mark of having been kept: the part after # is lost to it otherwise. */
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
