'use client';

import { useWindowEvent } from '@mantine/hooks';
import { usePathname, useRouter } from 'next/navigation';
import { holdDropped } from './dropped-file';

const hasFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') === true;

/**
 * A file that is dropped on any screen of the coach's leads to the one that takes files in, and is not opened by the browser
 * in the place of the screen.
 */
export function DropToFiles() {
  const router = useRouter();
  const path = usePathname();
  useWindowEvent('dragover', (event) => {
    if (hasFiles(event)) event.preventDefault();
  });
  useWindowEvent('drop', (event) => {
    if (!hasFiles(event) || event.defaultPrevented) return;
    event.preventDefault();
    const file = event.dataTransfer?.files[0];
    if (file === undefined || path === '/import-export') return;
    holdDropped(file);
    router.push('/import-export');
  });
  return null;
}
