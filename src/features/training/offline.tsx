'use client';

import { useEffect } from 'react';

/** Addresses of the app that must work offline. */
interface OfflineProps {
  readonly keep: readonly string[];
}

/**
 * Keeps the app on the phone: asks the browser not to evict its data, and the service worker to store these pages
 * with everything they load. Without service workers the app works online only.
 */
export function Offline({ keep }: OfflineProps) {
  const paths = keep.join(' ');
  useEffect(() => {
    void navigator.storage?.persist?.().catch(() => false);
    const workers = navigator.serviceWorker;
    if (workers === undefined) return;
    void (async () => {
      const worker = await activeIn(await workers.register('/training-worker.js', { scope: '/training' }));
      worker?.postMessage({ keep: paths.split(' ') });
    })().catch(() => {});
  }, [paths]);
  return null;
}

/**
 * The active service worker. Not `navigator.serviceWorker.ready`: that waits for a worker for the page's first
 * address, and a newly signed-in phone started elsewhere.
 */
async function activeIn(registration: ServiceWorkerRegistration): Promise<ServiceWorker | null> {
  const coming = registration.installing ?? registration.waiting;
  if (coming === null) return registration.active;
  await new Promise<void>((resolve) => {
    const look = () => {
      if (coming.state === 'activated' || coming.state === 'redundant') resolve();
    };
    coming.addEventListener('statechange', look);
    look();
  });
  return registration.active;
}
