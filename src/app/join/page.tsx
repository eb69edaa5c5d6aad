import type { Metadata } from 'next';
import { JoinByCode } from '@/features/join/join';
import * as words from '@/ui/words/screens/pages';
import { joinAction } from './actions';

export const metadata: Metadata = { title: words.signInOnThisPhone };

/** How a phone signs in without a link: with a code from a phone that is signed in. */
export default function JoinPage() {
  return <JoinByCode action={joinAction} />;
}
