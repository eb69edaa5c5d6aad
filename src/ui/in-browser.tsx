'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * Renders a screen in the browser only. A screen that needs its script to do anything is rendered there anyway;
 * rendering it on the server too took most of a page's time.
 */
export function InBrowser({ children }: { readonly children: React.ReactNode }) {
  const isBrowser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return isBrowser ? children : null;
}
