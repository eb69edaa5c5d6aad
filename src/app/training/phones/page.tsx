import type { Metadata } from 'next';
import { phonesOf } from '@/data';
import { Phones } from '@/features/training/phones';
import * as words from '@/ui/words/screens/pages';
import { requirePhone } from '../asker';
import { leave, makeCode, revoke } from './actions';

export const metadata: Metadata = { title: words.phonesDenseLadder };

/** The athlete's phones: add one by a code, sign a lost one out. */
export default async function PhonesPage() {
  const phone = await requirePhone();
  const phones = await phonesOf(phone, phone.athleteId, new Date());
  return <Phones phones={phones} here={phone.phoneId} makeCode={makeCode} revoke={revoke} leave={leave} />;
}
