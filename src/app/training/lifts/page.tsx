import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { catalogueWith, chosenCurve, liftLines } from '@/core';
import { exercisesOf, findAthlete, findExposures, findMeasurements } from '@/data';
import { LiftsScreen } from '@/features/training/lifts';
import * as words from '@/ui/words/screens/pages';
import { localDate } from '../../local-date';
import { requirePhone } from '../asker';

export const metadata: Metadata = { title: words.yourLiftsDenseLadder };

/** What the athlete has achieved: each lift over all blocks with its bests, body weight, and the glossary. */
export default async function YouPage() {
  const phone = await requirePhone();
  const [found, own] = await Promise.all([findAthlete(phone, phone.athleteId), exercisesOf(phone)]);
  if (found === undefined) redirect('/join');
  const { athlete } = found;
  const catalogue = catalogueWith(own);
  const [exposures, measurements] = await Promise.all([
    findExposures(phone, athlete, catalogue),
    findMeasurements(phone, phone.athleteId),
  ]);
  const lines = liftLines(exposures, chosenCurve(athlete.effort)).flatMap((line) => {
    const exercise = catalogue.newest(line.exerciseId);
    return exercise === undefined
      ? []
      : [{ ...line, name: exercise.name, withBody: exercise.bodyweightShare > 0 }];
  });
  return (
    <LiftsScreen
      name={athlete.name}
      unit={athlete.unit}
      today={localDate(athlete.timeZone)}
      lines={lines}
      weights={measurements.filter(({ kind }) => kind === 'body weight')}
    />
  );
}
