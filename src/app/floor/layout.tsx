import type { Metadata } from 'next';

export const metadata: Metadata = {
  manifest: '/floor.webmanifest',
  appleWebApp: { capable: true, title: 'Dense Ladder' },
};

/** The athlete's part of the product: a page of its own, that may stand on a phone by itself. */
export default function FloorLayout({ children }: { readonly children: React.ReactNode }) {
  return children;
}
