import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { currentSets, type IssuedWeek, type SessionPlan } from '@/core';
import { workoutId } from '@/data';
import type { FloorLine } from '@/features/floor/contract';
import { FloorList } from '@/features/floor/floor-list';
import { DELOAD_CARE } from '@/ui/words/cautions';
import { minutes, span } from '@/ui/words/figures';
import { capital, dayName, weekName } from '@/ui/words/names';
import { floorTraining, requireFloor } from '../asker';

export const metadata: Metadata = { title: 'Floor · Dense Ladder' };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string }>;
}

export default async function FloorPage({ params }: PageProps) {
  const { blockId } = await params;
  const floor = await requireFloor();
  const training = await floorTraining(floor, blockId);
  if (training === undefined) notFound();
  const { athlete, block, issued, log } = training;
  const logged = currentSets(log.sets);
  const lineOf = (week: IssuedWeek, session: SessionPlan): FloorLine => {
    const id = workoutId({ issuedWeekId: week.id, sessionId: session.sessionId });
    const workout = log.workouts.find((one) => one.id === id);
    return {
      workoutId: id,
      name: session.name,
      day: dayName(session.day, block.cycleDays),
      sets: session.sets,
      logged: logged.get(id)?.size ?? 0,
      minutes: span(minutes(session.seconds.low), minutes(session.seconds.high)),
      finished: workout?.finished === true,
      date: workout?.date ?? null,
      sorenessMissing: workout?.finished === true && !log.soreness.some((report) => report.workoutId === id),
    };
  };
  const weeks = [...issued].reverse().map((week) => ({
    name: capital(weekName(week.week, week.plan.kind)),
    care: week.plan.kind === 'deload' ? DELOAD_CARE : null,
    lines: week.plan.sessions.map((session) => lineOf(week, session)),
  }));
  return (
    <FloorList
      blockId={blockId}
      athleteName={athlete.name}
      weeks={weeks}
      back={floor.kind === 'coach' ? 'block' : 'phones'}
    />
  );
}
