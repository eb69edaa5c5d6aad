import 'server-only';
import { notFound } from 'next/navigation';
import { daysBetween } from '@/core';
import { type FloorWeek, type FloorWeekSession, listSentWeeks, workoutId } from '@/data';
import type { FloorLine } from '@/features/training/contract';
import { Offline } from '@/features/training/offline';
import { WeekList } from '@/features/training/week-list';
import { DELOAD_CARE } from '@/ui/words/cautions';
import { minutes, span } from '@/ui/words/figures';
import { capital, dayName, weekName } from '@/ui/words/names';
import { localDate } from '../local-date';
import type { FloorAsker } from './asker';

/** Weeks whose sessions a phone stores: the current one, the one before and the one after. */
const KEPT_WEEKS = 2;

/** The sent weeks of a block, for anyone who may see them. */
export async function Weeks({ floor, blockId }: { readonly floor: FloorAsker; readonly blockId: string }) {
  const found = await listSentWeeks(floor.asker, blockId);
  if (found === undefined) notFound();
  const { athlete, cycleDays, lastCheckIn } = found;
  if (floor.kind === 'phone' && floor.asker.athleteId !== athlete.id) notFound();
  const lineOf = (week: FloorWeek, session: FloorWeekSession): FloorLine => ({
    workoutId: workoutId({ issuedWeekId: week.id, sessionId: session.sessionId }),
    name: session.name,
    day: dayName(session.day, cycleDays),
    sets: session.sets,
    logged: session.logged,
    minutes: span(minutes(session.seconds.low), minutes(session.seconds.high)),
    finished: session.finished,
    date: session.date,
    optional: session.optional,
  });
  const today = localDate(athlete.timeZone);
  const isDue = lastCheckIn === null || daysBetween(lastCheckIn, today) >= athlete.checkIn.everyDays;
  const weeks = found.weeks.map((week) => ({
    name: capital(weekName(week.week, week.kind)),
    care: week.kind === 'deload' ? DELOAD_CARE : null,
    line: week.line,
    lines: week.sessions.map((session) => lineOf(week, session)),
  }));
  const sessions = weeks.slice(0, KEPT_WEEKS).flatMap(({ lines }) => lines);
  const home = `/training/${blockId}`;
  const keep = [
    '/training',
    '/training/check-in',
    '/training/lifts',
    home,
    ...sessions.map(({ workoutId: id }) => `${home}/${id}`),
  ];
  return (
    <>
      <WeekList
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
