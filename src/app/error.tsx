'use client';

import { Button } from '@mantine/core';
import { useEffect } from 'react';

const AGAIN_AFTER_MS = 3000;

/** Shown when a page could not be made, most likely because the database is away: it tries again by itself. */
export default function PageError({ reset }: { readonly error: Error; readonly reset: () => void }) {
  useEffect(() => {
    const timer = setInterval(() => window.location.reload(), AGAIN_AFTER_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <main style={{ padding: 24, maxWidth: 520 }} role="alert">
      <title>Not just now · Dense Ladder</title>
      <h1 style={{ fontSize: 18 }}>This page could not be made just now</h1>
      <p>
        The database does not answer, or something went wrong here. Nothing that was saved is lost. Trying
        again …
      </p>
      <Button onClick={reset}>Try now</Button>
    </main>
  );
}
