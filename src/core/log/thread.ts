import type { LocalDate } from '../calendar';
import { summariseNotes } from '../on-the-day/session-note';
import type { IssuedWeek } from '../plan/week-state';
import type { CheckIn } from '../recovery/check-in';
import { currentSets } from './current-sets';
import type { Log } from './log';

/** A message between coach and athlete. */
export interface Message {
  readonly date: LocalDate;
  readonly by: 'coach' | 'athlete';
  /** Where it was written: for a set the exercise, for a session its name. */
  readonly with:
    | { readonly kind: 'week'; readonly week: number }
    | { readonly kind: 'check-in' }
    | { readonly kind: 'session'; readonly week: number; readonly name: string }
    | { readonly kind: 'set'; readonly exerciseId: string };
  readonly text: string;
}

/**
 * All messages between coach and athlete, latest first: the coach's with weeks, and the athlete's with check-ins,
 * sessions, pain and single sets.
 * @param lines the coach's messages by week
 */
export function messageThread({
  issued,
  log,
  checkIns,
  lines,
}: {
  readonly issued: readonly IssuedWeek[];
  readonly log: Log;
  readonly checkIns: readonly CheckIn[];
  readonly lines: Readonly<Record<number, string>>;
}): readonly Message[] {
  const said: Message[] = [];
  const add = (date: LocalDate, by: Message['by'], text: string | undefined, of: Message['with']) => {
    if (text !== undefined && text.trim() !== '') said.push({ date, by, with: of, text: text.trim() });
  };
  for (const { week, issuedAt } of issued)
    add(issuedAt.slice(0, 10), 'coach', lines[week], { kind: 'week', week });
  for (const { date, line } of checkIns) add(date, 'athlete', line, { kind: 'check-in' });
  const sets = currentSets(log.sets);
  for (const { id, week, sessionId, date, notes } of log.workouts) {
    const plan = issued.find((one) => one.week === week)?.plan;
    const name = plan?.sessions.find((one) => one.sessionId === sessionId)?.name ?? 'a session';
    const { rating, pains } = summariseNotes(notes);
    add(date, 'athlete', rating?.line, { kind: 'session', week, name });
    for (const { line, exerciseId } of pains.values())
      add(date, 'athlete', line, { kind: 'set', exerciseId });
    for (const { set } of sets.get(id)?.values() ?? [])
      add(date, 'athlete', set.more?.line, { kind: 'set', exerciseId: set.exerciseId });
  }
  return said
    .map((one, at) => ({ one, at }))
    .sort((a, b) => b.one.date.localeCompare(a.one.date) || b.at - a.at)
    .map(({ one }) => one);
}
