import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { catalogueWith } from '@/core';
import { entriesOf, findTraining, workoutId as idOf } from '@/data';
import { SessionScreen } from '@/features/session/session-screen';
import * as words from '@/ui/words/screens/pages';
import { requireAccess } from '../../../../../asker';
import { enter } from './actions';

export const metadata: Metadata = { title: words.sessionDenseLadder };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string; readonly workoutId: string }>;
}

/** A finished session set by set, for the coach to read and correct. */
export default async function DonePage({ params }: PageProps) {
  const { blockId, workoutId } = await params;
  const { asker, shared } = await requireAccess({ blockId });
  const training = await findTraining(asker, blockId);
  const found = training?.issued
    .flatMap((week) => week.plan.sessions.map((session) => ({ week, session })))
    .find(({ week, session }) => idOf({ issuedWeekId: week.id, sessionId: session.sessionId }) === workoutId);
  if (training === undefined || found === undefined) notFound();
  const { week, session } = found;
  return (
    <SessionScreen
      key={workoutId}
      athlete={training.athlete}
      block={{ id: blockId, name: training.block.name }}
      exercises={catalogueWith(training.ownExercises).list}
      week={week.week}
      session={session}
      workout={training.log.workouts.find(({ id }) => id === workoutId) ?? null}
      sets={training.log.sets.filter((set) => set.workoutId === workoutId)}
      workoutId={workoutId}
      entered={Object.fromEntries(await entriesOf(asker, workoutId))}
      shared={shared}
      enter={enter.bind(null, { issuedWeekId: week.id, sessionId: session.sessionId })}
    />
  );
}
