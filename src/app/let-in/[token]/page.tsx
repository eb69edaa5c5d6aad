import type { Metadata } from 'next';
import { coachInvite, PASSWORD_LEAST } from '@/data';
import { SignUp } from '@/features/sign-in/sign-up';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import { letInAction, newPasswordAction } from '../../sign-in/actions';

export const metadata: Metadata = { title: 'Come in · Dense Ladder', referrer: 'no-referrer' };

interface PageProps {
  readonly params: Promise<{ readonly token: string }>;
}

const ENDED = {
  unknown: 'This link lets nobody in.',
  used: 'Somebody has come in by this link already. Ask for a new one.',
  ended: 'This link is too old. Ask for a new one.',
} as const;

/** What a link for a coach leads to. It is spent by signing up, not by being looked at. */
export default async function LetInPage({ params }: PageProps) {
  const { token } = await params;
  const invite = await coachInvite(token, new Date());
  if (invite.status !== 'open')
    return (
      <Entrance>
        <EntranceProblem>{ENDED[invite.status]}</EntranceProblem>
      </Entrance>
    );
  if (invite.coach !== null)
    return (
      <SignUp action={newPasswordAction.bind(null, token)} least={PASSWORD_LEAST} isKnown>
        A new password for {invite.coach}. Every device is signed out by it.
      </SignUp>
    );
  return (
    <SignUp action={letInAction.bind(null, token)} least={PASSWORD_LEAST}>
      {invite.owner} lets you in as a coach of their house.
    </SignUp>
  );
}
