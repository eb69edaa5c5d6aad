'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * Draws a screen in the browser alone. A screen that only answers once its script runs is drawn there anyway; drawing it
 * on the server before that took most of what a page cost.
 */
export function InBrowser({ children }: { readonly children: React.ReactNode }) {
  const isBrowser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return isBrowser ? children : null;
}
