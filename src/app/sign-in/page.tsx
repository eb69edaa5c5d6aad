import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { SignIn } from '@/features/sign-in/sign-in';
import { currentAsker } from '../asker';
import { signInAction } from './actions';
import { ownAddress } from './own-address';

export const metadata: Metadata = { title: 'Sign in · Dense Ladder' };

interface PageProps {
  readonly searchParams: Promise<{ readonly to?: string | string[] }>;
}

export default async function SignInPage({ searchParams }: PageProps) {
  const to = ownAddress((await searchParams).to);
  if ((await currentAsker()) !== undefined) redirect(to);
  return <SignIn action={signInAction} to={to} />;
}
