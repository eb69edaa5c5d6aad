'use client';

import { Button } from '@mantine/core';
import { useEffect } from 'react';
import * as words from '@/ui/words/screens/pages';

const AGAIN_AFTER_MS = 3000;

/** Shown when a page could not be rendered, usually because the database is down: it retries by itself. */
export default function PageError({ reset }: { readonly error: Error; readonly reset: () => void }) {
  useEffect(() => {
    const timer = setInterval(() => window.location.reload(), AGAIN_AFTER_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <main style={{ padding: 24, maxWidth: 520 }} role="alert">
      <title>{words.notAvailableDenseLadder}</title>
      <h1 style={{ fontSize: 18 }}>{words.thisPageIsNotAvailable}</h1>
      <p>{words.theDatabaseIsNotRespondingText}</p>
      <Button onClick={reset}>{words.tryAgain}</Button>
    </main>
  );
}
