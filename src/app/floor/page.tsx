import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { newestIssued } from '@/data';
import { FloorEmpty } from '@/features/floor/floor-empty';
import { currentPhone } from './asker';

export const metadata: Metadata = { title: 'Floor · Dense Ladder' };

/** Where an athlete's phone begins: the block that was handed out last. */
export default async function FloorHome() {
  const phone = await currentPhone();
  // A coach's own floor is reached from the block.
  if (phone === undefined) redirect('/desk');
  const blockId = await newestIssued(phone);
  if (blockId !== undefined) redirect(`/floor/${blockId}`);
  return <FloorEmpty />;
}
