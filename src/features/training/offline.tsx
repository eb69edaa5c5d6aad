'use client';

import { useEffect } from 'react';

/** Addresses of the floor that are to be there without a network. */
interface OfflineProps {
  readonly keep: readonly string[];
}

/**
 * Keeps the floor on the phone: asks the browser not to throw its data away, and its worker to keep these pages with
 * all they are made of. Where there are no workers the floor goes on, with a network.
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
 * The worker once it is at work. Not by `ready`: that waits for one of the page's first address, and whoever has just
 * come in began elsewhere.
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
