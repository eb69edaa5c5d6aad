import type { Metadata } from 'next';
import { checkInvite } from '@/data';
import { JoinByLink } from '@/features/join/join';
import * as words from '@/ui/words/screens/pages';
import { joinAction } from '../actions';

export const metadata: Metadata = { title: words.signInOnThisPhone, referrer: 'no-referrer' };

interface PageProps {
  readonly params: Promise<{ readonly token: string }>;
}

/**
 * The page of a personal link. Its button uses the link up; viewing it does not, because messengers preview links.
 */
export default async function JoinLinkPage({ params }: PageProps) {
  const { token } = await params;
  return <JoinByLink token={token} state={await checkInvite(token, new Date())} action={joinAction} />;
}
