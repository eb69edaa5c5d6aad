import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { SignIn } from '@/features/sign-in/sign-in';
import { currentAsker } from '../asker';
import { signInAction } from './actions';

export const metadata: Metadata = { title: 'Sign in' };

export default async function SignInPage() {
  if ((await currentAsker()) !== undefined) redirect('/desk');
  return <SignIn action={signInAction} />;
}
