import type { Metadata } from 'next';
import * as words from '@/ui/words/screens/pages';
import { requireAppUser } from '../asker';
import { Weeks } from '../weeks';

export const metadata: Metadata = { title: words.trainingDenseLadder };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string }>;
}

export default async function FloorPage({ params }: PageProps) {
  const { blockId } = await params;
  return <Weeks floor={await requireAppUser({ blockId })} blockId={blockId} />;
}
