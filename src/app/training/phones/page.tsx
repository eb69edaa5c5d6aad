import type { Metadata } from 'next';
import { listPhones } from '@/data';
import { Phones } from '@/features/training/phones';
import * as words from '@/ui/words/screens/pages';
import { requirePhone } from '../asker';
import { createPhoneCode, signOutPhone, signOutThisPhone } from './actions';

export const metadata: Metadata = { title: words.phonesDenseLadder };

/** The athlete's phones: add one by a code, sign a lost one out. */
export default async function PhonesPage() {
  const phone = await requirePhone();
  const phones = await listPhones(phone, phone.athleteId, new Date());
  return (
    <Phones
      phones={phones}
      here={phone.phoneId}
      makeCode={createPhoneCode}
      revoke={signOutPhone}
      leave={signOutThisPhone}
    />
  );
}
