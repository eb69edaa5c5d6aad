'use client';

import { Button } from '@mantine/core';

/** Opens the browser's own printing. */
export function PrintButton() {
  return (
    <Button variant="link" onClick={() => window.print()}>
      Print
    </Button>
  );
}
