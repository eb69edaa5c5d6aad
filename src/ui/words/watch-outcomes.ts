import type { WatchOutcome } from '@/core';
import { longDay, shortDay } from './dates';
import { figure, plural } from './figures';
import { capital, type ExerciseNames } from './names';
import { screenWord } from './values';

/** The result of an answered alert, in a few words. */
export function watchOutcomeText(outcome: WatchOutcome | null, names: ExerciseNames): string {
  if (outcome === null) return 'too early to tell';
  switch (outcome.kind) {
    case 'pain':
      return outcome.times === 0
        ? `no ${screenWord(outcome.where)} pain in ${plural(outcome.of, 'session')} since`
        : `${screenWord(outcome.where)} pain in ${outcome.times} of ${plural(outcome.of, 'session')} since`;
    case 'signs':
      return `fatigue ${outcome.before === null ? '' : `${outcome.before} before, `}${outcome.after} on ${shortDay(outcome.date)}`;
    case 'lift':
      return `${capital(names(outcome.exerciseId))} ${gainText(outcome.gain)} in ${plural(outcome.weeks, 'week')} since`;
    case 'week':
      return `${outcome.sessions.done} of ${plural(outcome.sessions.planned, 'session')} done in week ${outcome.week}`;
    case 'kept':
      return `${outcome.session} trained in ${outcome.times} of ${plural(outcome.of, 'week')} since`;
    case 'begun poorly':
      return `poor readiness in ${outcome.times} of ${plural(outcome.of, 'session')} since`;
    case 'logged again':
      return `logged again on ${longDay(outcome.date)}`;
    case 'reports':
      return `since then ${figure(Math.abs(outcome.reps), 1)} reps ${outcome.reps > 0 ? 'more' : 'fewer'} left than reported (${plural(outcome.pairs, 'pair')} of sessions)`;
  }
}

function gainText(gain: number): string {
  if (Math.abs(gain) < 0.05) return 'no gain';
  return `${gain > 0 ? '+' : '−'}${figure(Math.abs(gain), 1)} %`;
}
