import { coachConventions, factorState, houseOf, PASSWORD_LEAST, sessionsOf } from '@/data';
import { Account } from '@/features/account/account';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';
import { readCookie } from '../../cookie';
import {
  beginSecondFactor,
  changePasswordAction,
  confirmSecondFactor,
  endOneSession,
  endSecondFactor,
  keepConventionsAction,
  letIn,
  requireSecondFactor,
} from './actions';

export default async function AccountPage() {
  const asker = await requireAsker();
  return (
    <InBrowser>
      <Account
        least={PASSWORD_LEAST}
        action={changePasswordAction}
        conventions={await coachConventions(asker)}
        keepConventions={keepConventionsAction}
        sessions={await sessionsOf(asker, (await readCookie('ladder_sign_in')) ?? '', new Date())}
        endSession={endOneSession}
        house={await houseOf(asker)}
        letIn={letIn}
        requireFactor={requireSecondFactor}
        factor={await factorState(asker)}
        factorActions={{ begin: beginSecondFactor, confirm: confirmSecondFactor, end: endSecondFactor }}
      />
    </InBrowser>
  );
}
