import type { Metadata } from 'next';
import { requireFloor } from '../asker';
import { Weeks } from '../weeks';

export const metadata: Metadata = { title: 'Floor · Dense Ladder' };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string }>;
}

export default async function FloorPage({ params }: PageProps) {
  const { blockId } = await params;
  return <Weeks floor={await requireFloor({ blockId })} blockId={blockId} />;
}
