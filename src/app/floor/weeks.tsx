import 'server-only';
import { notFound } from 'next/navigation';
import { currentSets, type IssuedWeek, type SessionPlan } from '@/core';
import { workoutId } from '@/data';
import type { FloorLine } from '@/features/floor/contract';
import { FloorList } from '@/features/floor/floor-list';
import { Offline } from '@/features/floor/offline';
import { DELOAD_CARE } from '@/ui/words/cautions';
import { minutes, span } from '@/ui/words/figures';
import { capital, dayName, weekName } from '@/ui/words/names';
import { type FloorAsker, floorTraining } from './asker';

/** Weeks whose sessions a phone keeps: the one in hand and the one before or after it. */
const KEPT_WEEKS = 2;

/** The weeks of a block that were handed out, for whoever may see them. */
export async function Weeks({ floor, blockId }: { readonly floor: FloorAsker; readonly blockId: string }) {
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
      optional: session.optional,
    };
  };
  const weeks = [...issued].reverse().map((week) => ({
    name: capital(weekName(week.week, week.plan.kind)),
    care: week.plan.kind === 'deload' ? DELOAD_CARE : null,
    lines: week.plan.sessions.map((session) => lineOf(week, session)),
  }));
  const sessions = weeks.slice(0, KEPT_WEEKS).flatMap(({ lines }) => lines);
  const home = `/floor/${blockId}`;
  const keep = ['/floor', home, ...sessions.map(({ workoutId: id }) => `${home}/${id}`)];
  return (
    <>
      <FloorList
        blockId={blockId}
        athleteName={athlete.name}
        weeks={weeks}
        back={floor.kind === 'coach' ? 'block' : 'phones'}
      />
      {floor.kind === 'phone' ? <Offline keep={keep} /> : null}
    </>
  );
}
