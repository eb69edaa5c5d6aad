import type { Metadata } from 'next';
import * as words from '@/ui/words/screens/pages';
import { requireFloor } from '../asker';
import { Weeks } from '../weeks';

export const metadata: Metadata = { title: words.trainingDenseLadder };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string }>;
}

export default async function FloorPage({ params }: PageProps) {
  const { blockId } = await params;
  return <Weeks floor={await requireFloor({ blockId })} blockId={blockId} />;
}
