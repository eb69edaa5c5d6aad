import 'server-only';
import { notFound } from 'next/navigation';
import { currentSets, daysBetween, type IssuedWeek, type SessionPlan } from '@/core';
import { weekLines, workoutId } from '@/data';
import type { FloorLine } from '@/features/floor/contract';
import { FloorList } from '@/features/floor/floor-list';
import { Offline } from '@/features/floor/offline';
import { DELOAD_CARE } from '@/ui/words/cautions';
import { minutes, span } from '@/ui/words/figures';
import { capital, dayName, weekName } from '@/ui/words/names';
import { localDate } from '../local-date';
import { type FloorAsker, floorTraining } from './asker';

/** Weeks whose sessions a phone keeps: the one in hand and the one before or after it. */
const KEPT_WEEKS = 2;

/** The weeks of a block that were handed out, for whoever may see them. */
export async function Weeks({ floor, blockId }: { readonly floor: FloorAsker; readonly blockId: string }) {
  const training = await floorTraining(floor, blockId);
  if (training === undefined) notFound();
  const { athlete, block, issued, log } = training;
  const lines = await weekLines(floor.asker, blockId);
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
  const last = training.checkIns.at(-1)?.date;
  const today = localDate(athlete.timeZone);
  const isDue = last === undefined || daysBetween(last, today) >= athlete.checkIn.everyDays;
  const weeks = [...issued].reverse().map((week) => ({
    name: capital(weekName(week.week, week.plan.kind)),
    care: week.plan.kind === 'deload' ? DELOAD_CARE : null,
    line: lines.get(week.week) ?? null,
    lines: week.plan.sessions.map((session) => lineOf(week, session)),
  }));
  const sessions = weeks.slice(0, KEPT_WEEKS).flatMap(({ lines }) => lines);
  const home = `/floor/${blockId}`;
  const keep = [
    '/floor',
    '/floor/check-in',
    '/floor/you',
    home,
    ...sessions.map(({ workoutId: id }) => `${home}/${id}`),
  ];
  return (
    <>
      <FloorList
        blockId={blockId}
        athleteName={athlete.name}
        weeks={weeks}
        back={floor.kind === 'coach' ? 'block' : 'phones'}
        checkIn={floor.kind === 'coach' ? null : isDue ? 'due' : 'done'}
      />
      {floor.kind === 'phone' ? <Offline keep={keep} /> : null}
    </>
  );
}
