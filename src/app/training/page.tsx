import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { newestIssued } from '@/data';
import { NoWeek } from '@/features/training/no-week';
import * as words from '@/ui/words/screens/pages';
import { currentPhone } from './asker';
import { Weeks } from './weeks';

export const metadata: Metadata = { title: words.trainingDenseLadder };

/** The phone's first page: the block of the week sent last. */
export default async function FloorHome() {
  const phone = await currentPhone();
  // A coach opens an athlete's app from a block.
  if (phone === undefined) redirect('/desk');
  const blockId = await newestIssued(phone);
  if (blockId === undefined) return <NoWeek />;
  return <Weeks floor={{ kind: 'phone', asker: phone }} blockId={blockId} />;
}
