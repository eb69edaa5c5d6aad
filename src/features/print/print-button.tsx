'use client';

import { Button } from '@mantine/core';
import * as common from '@/ui/words/screens/common';

/** Opens the browser's print dialog. */
export function PrintButton() {
  return (
    <Button variant="link" onClick={() => window.print()}>
      {common.print}
    </Button>
  );
}
