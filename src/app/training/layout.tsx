import type { Metadata } from 'next';
import * as words from '@/ui/words/screens/pages';

export const metadata: Metadata = {
  manifest: '/training.webmanifest',
  appleWebApp: { capable: true, title: words.denseLadder },
};

/** The athlete's app: can be installed on a phone by itself. */
export default function FloorLayout({ children }: { readonly children: React.ReactNode }) {
  return children;
}
