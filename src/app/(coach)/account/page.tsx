import { coachConventions, factorState, findTeam, listSessions, PASSWORD_LEAST } from '@/data';
import { Account } from '@/features/account/account';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';
import { readCookie } from '../../cookie';
import {
  changePasswordAction,
  confirmSecondFactor,
  createTeamLink,
  endOneSession,
  endSecondFactor,
  requireSecondFactor,
  saveConventionsAction,
  startSecondFactor,
} from './actions';

export default async function AccountPage() {
  const asker = await requireAsker();
  return (
    <InBrowser>
      <Account
        least={PASSWORD_LEAST}
        action={changePasswordAction}
        conventions={await coachConventions(asker)}
        keepConventions={saveConventionsAction}
        sessions={await listSessions(asker, (await readCookie('ladder_sign_in')) ?? '', new Date())}
        endSession={endOneSession}
        house={await findTeam(asker)}
        letIn={createTeamLink}
        requireFactor={requireSecondFactor}
        factor={await factorState(asker)}
        factorActions={{ begin: startSecondFactor, confirm: confirmSecondFactor, end: endSecondFactor }}
      />
    </InBrowser>
  );
}
