'use client';

import { useEffect } from 'react';
import { toast } from '../kit/toast';
import { usePageHydrates } from '../loading/mark-hydrating';
import { restoreSafe } from '../storage/safe-storage';
import { finishSignOut } from './clear-device';
import { deviceUser } from './device-user';
import { queuedRequests, sendQueued } from './queued-requests';
import { waitsHere } from './waiting';

/** Asks before reloading the page with a new version: open work continues until then. */
const offer = (worker: ServiceWorker) =>
  toast('A new version is ready.', {
    duration: Infinity,
    action: {
      label: 'Update',
      onClick: () => {
        navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), { once: true });
        worker.postMessage({ type: 'SKIP_WAITING' });
      },
    },
  });

/** Retry interval for queued requests, ms. */
const AGAIN_MS = 30_000;

/** Sends queued requests as soon as there is a connection. */
const useErrands = () =>
  useEffect(() => {
    const go = async () => {
      await finishSignOut();
      await restoreSafe();
      const who = deviceUser();
      if (who && queuedRequests(who.personId).length > 0)
        await sendQueued(who.personId, (jobId) => waitsHere(jobId, who.personId));
    };
    const first = setTimeout(go, 1500);
    const timer = setInterval(go, AGAIN_MS);
    window.addEventListener('online', go);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
      window.removeEventListener('online', go);
    };
  }, []);

/** Registers the service worker for offline use, once the page is idle. */
export const ServiceWorkerSetup = () => {
  usePageHydrates();
  useErrands();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const register = async () => {
      try {
        const registration = await navigator.serviceWorker.register('/serwist/sw.js', { scope: '/' });
        if (registration.waiting && navigator.serviceWorker.controller) offer(registration.waiting);
        registration.addEventListener('updatefound', () => {
          const worker = registration.installing;
          worker?.addEventListener('statechange', () => {
            if (worker.state === 'installed' && navigator.serviceWorker.controller) offer(worker);
          });
        });
      } catch {
        // Without a service worker, as over a name without TLS, the application needs signal and works as it did.
      }
    };
    const timer = setTimeout(register, 1000);
    return () => clearTimeout(timer);
  }, []);
  return null;
};
