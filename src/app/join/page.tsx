import type { Metadata } from 'next';
import { JoinByCode } from '@/features/join/join';
import { joinAction } from './actions';

export const metadata: Metadata = { title: 'Come in · Dense Ladder' };

/** How a phone comes in without its link: by a code from one that is in already. */
export default function JoinPage() {
  return <JoinByCode action={joinAction} />;
}
