import type { Metadata } from 'next';
import { inviteState } from '@/data';
import { JoinByLink } from '@/features/join/join';
import * as words from '@/ui/words/screens/pages';
import { joinAction } from '../actions';

export const metadata: Metadata = { title: words.signInOnThisPhone, referrer: 'no-referrer' };

interface PageProps {
  readonly params: Promise<{ readonly token: string }>;
}

/** What a personal link leads to. It is spent by the button, not by being looked at: messengers look at links. */
export default async function JoinLinkPage({ params }: PageProps) {
  const { token } = await params;
  return <JoinByLink token={token} state={await inviteState(token, new Date())} action={joinAction} />;
}
