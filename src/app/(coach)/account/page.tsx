import { PASSWORD_LEAST } from '@/data';
import { Account } from '@/features/account/account';
import { requireAsker } from '../../asker';
import { changePasswordAction } from './actions';

export default async function AccountPage() {
  const asker = await requireAsker();
  return <Account coach={asker.name} least={PASSWORD_LEAST} action={changePasswordAction} />;
}
