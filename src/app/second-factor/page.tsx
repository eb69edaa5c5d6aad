import type { Metadata } from 'next';
import Link from 'next/link';
import { redirect } from 'next/navigation';
import { factorState } from '@/data';
import { SecondFactor } from '@/features/account/second-factor';
import { Entrance } from '@/ui/entrance';
import { PasswordProvider } from '@/ui/password-first';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/pages';
import {
  confirmPasswordAction,
  confirmSecondFactor,
  endSecondFactor,
  startSecondFactor,
} from '../(coach)/account/actions';
import { currentSession } from '../asker';

export const metadata: Metadata = { title: words.secondFactorDenseLadder };

/** Where a coach sets up the second factor that their team requires, before anything else is shown. */
export default async function SecondFactorPage() {
  const session = await currentSession();
  if (session === undefined) redirect('/sign-in');
  return (
    <Entrance>
      <PasswordProvider tell={confirmPasswordAction}>
        <SecondFactor
          state={await factorState(session)}
          actions={{ begin: startSecondFactor, confirm: confirmSecondFactor, end: endSecondFactor }}
        />
      </PasswordProvider>
      <Link href="/desk" prefetch={false}>
        {common.toTheDesk}
      </Link>
    </Entrance>
  );
}
