import type { Metadata } from 'next';
import { coachInvite, PASSWORD_LEAST } from '@/data';
import { SignUp } from '@/features/sign-in/sign-up';
import { Entrance, EntranceProblem } from '@/ui/entrance';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/pages';
import { acceptInviteAction, newPasswordAction } from '../../sign-in/actions';

export const metadata: Metadata = { title: words.invitationDenseLadder, referrer: 'no-referrer' };

interface PageProps {
  readonly params: Promise<{ readonly token: string }>;
}

const ENDED = {
  unknown: words.thisLinkIsNotValid,
  used: words.thisLinkWasAlreadyUsed,
  ended: common.thisLinkHasExpiredAsk,
} as const;

/** The page of a coach's invitation link. Signing up uses the link up; viewing it does not. */
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
        {words.setANewPasswordFor(invite.coach)}
      </SignUp>
    );
  return (
    <SignUp action={acceptInviteAction.bind(null, token)} least={PASSWORD_LEAST}>
      {words.invitesYouToJoinTheir(invite.owner)}
    </SignUp>
  );
}
