import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { findAthlete, findCheckIns } from '@/data';
import { CheckInForm } from '@/features/training/check-in-form';
import * as words from '@/ui/words/screens/pages';
import { requirePhone } from '../asker';

export const metadata: Metadata = { title: words.checkInDenseLadder };

/** The weekly check-in. */
export default async function CheckInPage() {
  const phone = await requirePhone();
  const [found, checkIns] = await Promise.all([
    findAthlete(phone, phone.athleteId),
    findCheckIns(phone, phone.athleteId),
  ]);
  if (found === undefined) redirect('/join');
  const { name, unit, bodyweight, checkIn } = found.athlete;
  return (
    <CheckInForm
      name={name}
      unit={unit}
      bodyweight={bodyweight}
      girths={checkIn.girths}
      last={checkIns.at(-1)?.date ?? null}
    />
  );
}
