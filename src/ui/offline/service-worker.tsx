'use client';

import { useEffect } from 'react';
import { toast } from '../kit/toast';
import { usePageHydrates } from '../loading/mark-hydrating';
import { restoreSafe } from '../storage/safe-storage';
import { finishSignOut } from './clear-device';
import { deviceUser } from './device-user';
import { queuedRequests, sendQueued } from './queued-requests';
import { waitsHere } from './waiting';

/** Asks before the page is loaded anew with a version that has come in: what is open goes on until then. */
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

/** How often what waits to be done is tried again, ms. */
const AGAIN_MS = 30_000;

/** Does what was asked for offline, as soon as there is some. */
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

/** Makes the device able to open the application offline, once the page has come to rest. */
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
