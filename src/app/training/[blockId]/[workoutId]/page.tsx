import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { workoutId as idOf, recordWeekOpened } from '@/data';
import { Workout } from '@/features/training/workout';
import * as words from '@/ui/words/screens/pages';
import { localDate } from '../../../local-date';
import { findAppTraining, requireAppUser } from '../../asker';
import { loadSessionData } from './data';

export const metadata: Metadata = { title: words.trainingDenseLadder };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string; readonly workoutId: string }>;
}

export default async function WorkoutPage({ params }: PageProps) {
  const { blockId, workoutId } = await params;
  const floor = await requireAppUser({ blockId });
  const training = await findAppTraining(floor, blockId);
  const found = training?.issued
    .flatMap((week) => week.plan.sessions.map((session) => ({ week, session })))
    .find(({ week, session }) => idOf({ issuedWeekId: week.id, sessionId: session.sessionId }) === workoutId);
  if (training === undefined || found === undefined) notFound();
  const { week, session } = found;
  if (floor.kind === 'phone') await recordWeekOpened(floor.asker, week.id, new Date());
  const today = localDate(training.athlete.timeZone);
  const data = await loadSessionData(floor, training, week, session, today);
  return <Workout key={workoutId} data={data} />;
}
