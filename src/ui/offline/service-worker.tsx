'use client';

import { useEffect } from 'react';
import { toast } from '../kit/toast';
import { usePageHydrates } from '../loading/early-input/mark-hydrating';
import { sendInBackground } from './send-in-background';

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

/** Registers the service worker for offline use, once the page is idle. */
export const ServiceWorkerSetup = () => {
  usePageHydrates();
  useEffect(sendInBackground, []);
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
