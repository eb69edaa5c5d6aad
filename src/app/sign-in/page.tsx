import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { awaitsCode, isEmptyInstallation, isUnavailable, PASSWORD_LEAST } from '@/data';
import { CodeForm } from '@/features/sign-in/code-form';
import { SignIn } from '@/features/sign-in/sign-in';
import { SignUp } from '@/features/sign-in/sign-up';
import * as words from '@/ui/words/screens/pages';
import { currentAsker } from '../asker';
import { readCookie } from '../cookie';
import { confirmCodeAction, firstCoachAction, signInAction, signOutAction } from './actions';
import { ownAddress } from './own-address';

export const metadata: Metadata = { title: words.signInDenseLadder };

interface PageProps {
  readonly searchParams: Promise<{ readonly to?: string | string[] }>;
}

export default async function SignInPage({ searchParams }: PageProps) {
  const to = ownAddress((await searchParams).to);
  if ((await currentAsker()) !== undefined) redirect(to);
  const token = await readCookie('ladder_sign_in');
  if (token !== undefined && (await awaitsCode(token, new Date())))
    return <CodeForm action={confirmCodeAction.bind(null, to)} signOut={signOutAction} />;
  if (await isFirstSignUp())
    return (
      <SignUp action={firstCoachAction} least={PASSWORD_LEAST}>
        {words.nobodyHasAnAccountHere}
      </SignUp>
    );
  return <SignIn action={signInAction} to={to} />;
}

/** Whether nobody has signed up yet; during a database outage nobody is invited to. */
async function isFirstSignUp(): Promise<boolean> {
  try {
    return await isEmptyInstallation();
  } catch (error) {
    if (isUnavailable(error)) return false;
    throw error;
  }
}
