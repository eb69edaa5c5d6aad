'use client';

import { useWindowEvent } from '@mantine/hooks';
import { usePathname, useRouter } from 'next/navigation';
import { holdDropped } from './dropped-file';

const hasFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') === true;

/** A file dropped on any coach screen opens the import screen with it, instead of replacing the page. */
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
