import type { Metadata } from 'next';
import { JoinByCode } from '@/features/join/join';
import * as words from '@/ui/words/screens/pages';
import { joinAction } from './actions';

export const metadata: Metadata = { title: words.signInOnThisPhone };

/** How a phone comes in without its link: by a code from one that is in already. */
export default function JoinPage() {
  return <JoinByCode action={joinAction} />;
}
