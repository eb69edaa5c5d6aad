import { PASSWORD_LEAST } from '@/data';
import { Account } from '@/features/account/account';
import { requireAsker } from '../../asker';
import { changePasswordAction } from './actions';

export default async function AccountPage() {
  await requireAsker();
  return <Account least={PASSWORD_LEAST} action={changePasswordAction} />;
}
