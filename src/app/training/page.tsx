import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { newestIssued } from '@/data';
import { FloorEmpty } from '@/features/training/no-week';
import * as words from '@/ui/words/screens/pages';
import { currentPhone } from './asker';
import { Weeks } from './weeks';

export const metadata: Metadata = { title: words.trainingDenseLadder };

/** Where an athlete's phone begins: the block of which a week was handed out last. */
export default async function FloorHome() {
  const phone = await currentPhone();
  // A coach's way to a floor is from its block.
  if (phone === undefined) redirect('/desk');
  const blockId = await newestIssued(phone);
  if (blockId === undefined) return <FloorEmpty />;
  return <Weeks floor={{ kind: 'phone', asker: phone }} blockId={blockId} />;
}
