import {
  type Conventions,
  type Reviewed,
  type SingleEdit,
  type Suggestion,
  setCount,
  type Taught,
} from '@/core';
import { figure, listed, plural } from './figures';
import { capital, type ExerciseNames } from './names';

/** A statement of the review and its evidence. */
interface Said {
  readonly says: string;
  readonly evidence: string;
}

const percent = (value: number) => `${value < 0 ? '−' : '+'}${figure(Math.abs(value), 1)} %`;

/** A suggestion for the next block, with its evidence. */
export function suggestionText(suggestion: Suggestion, names: ExerciseNames): Said {
  switch (suggestion.kind) {
    case 'fewer sets':
      return {
        says: `${capital(suggestion.muscle)}: start lower and stay below ${figure(suggestion.at, 1)} sets a week`,
        evidence: `below target in two sessions in a row at ${figure(suggestion.at, 1)} sets (week ${suggestion.week})`,
      };
    case 'more sets':
      return {
        says: `${capital(suggestion.muscle)} tolerated ${figure(suggestion.most, 1)} sets a week`,
        evidence: `never below target, above it in ${suggestion.ahead} of ${plural(suggestion.of, 'session')}; the maximum is ${figure(suggestion.ceiling, 1)}`,
      };
    case 'exchange':
      return {
        says: `Swap ${names(suggestion.exerciseId)}, or use another rep range or progression rule`,
        evidence: `${percent(suggestion.gain)} in ${plural(suggestion.weeks, 'week')}, no gain in the last weeks`,
      };
    case 'keep':
      return {
        says: `Keep ${listed(suggestion.exerciseIds.map(names))}`,
        evidence: 'still progressing',
      };
    case 'deload earlier':
      return {
        says: `Deload after week ${suggestion.after}`,
        evidence: `${listed(suggestion.muscles)} had been below target twice in a row by then`,
      };
    case 'train harder':
      return {
        says: 'Train harder: closer to failure, or more sets',
        evidence: `no session of ${suggestion.sessions} in ${plural(suggestion.weeks, 'week')} was below target or harder than planned, and no signs of fatigue`,
      };
    case 'shorter sessions':
      return {
        says: 'Plan shorter sessions, or allow more time',
        evidence: `a typical session took ${figure(suggestion.share, 0)} % of its planned time (${plural(suggestion.sessions, 'session')})`,
      };
    case 'another day':
      return {
        says: `Move ${suggestion.session} to another day, or use a split without it`,
        evidence: `missed in ${suggestion.missed} of ${plural(suggestion.of, 'week')}`,
      };
    case 'weaker side':
      return {
        says: `Start ${names(suggestion.exerciseId)} with the ${suggestion.side} side`,
        evidence: `it did ${figure(suggestion.reps, 1)} reps fewer on average`,
      };
  }
}

/** What was learned about the athlete: the number that would change, with its evidence. */
export function lessonText(lesson: Taught, names: ExerciseNames): Said {
  switch (lesson.kind) {
    case 'ceiling':
      return {
        says: `${capital(lesson.muscle)}: maximum ${figure(lesson.from, 1)} → ${figure(lesson.to, 1)} sets`,
        evidence: `below target twice in a row at ${figure(lesson.sets, 1)} sets (week ${lesson.week}); moved a third of the way`,
      };
    case 'floor':
      return {
        says: `${capital(lesson.muscle)}: minimum ${figure(lesson.from, 1)} → ${figure(lesson.to, 1)} sets`,
        evidence: `gained strength at ${figure(lesson.sets, 1)} sets (week ${lesson.week}); moved a third of the way`,
      };
    case 'curve':
      return {
        says: 'Personal rep-max curve',
        evidence: `error ${figure(lesson.fit.error, 1)} % over ${plural(lesson.fit.sets, 'set')}, default curve ${figure(lesson.fit.epleyError, 1)} %; valid from ${figure(lesson.fit.from, 0)} to ${figure(lesson.fit.to, 0)} reps`,
      };
    case 'drift':
      return {
        says: `Reps drop off ${figure(lesson.drift.factor, 1)} times as fast as assumed`,
        evidence: `± ${figure(lesson.drift.error, 2)}, from ${plural(lesson.drift.pairs, 'pair')} of sets at the same load; after 120 s of rest ${figure(perSet(lesson.from), 1)} → ${figure(perSet(lesson.to), 1)} reps fewer per set`,
      };
    case 'minutes':
      return {
        says: `Time between exercises: ${figure(lesson.from, 0)} s → ${figure(lesson.to, 0)} s`,
        evidence: `a typical session took ${figure(lesson.share, 0)} % of its planned time (${plural(lesson.sessions, 'session')})`,
      };
    case 'recovery':
      return {
        says: `${capital(lesson.muscle)}: ${lesson.from} → ${lesson.to} h between sessions`,
        evidence: `sore for ${figure(lesson.days, 1)} days on average (${plural(lesson.reports, 'report')})`,
      };
    case 'range': {
      const { best, other, from, exerciseId } = lesson;
      const was = from === null ? '' : `${from.low}-${from.high} → `;
      const trend = ({ gain, range, days }: typeof best) =>
        `${percent(gain)} a week in ${range.low}-${range.high} over ${plural(days, 'day')}`;
      return {
        says: `${capital(names(exerciseId))}: ${was}${best.range.low}-${best.range.high} reps work best`,
        evidence: `${trend(best)}, ${trend(other)}`,
      };
    }
  }
}

/** Reps lost per set after two minutes of rest. */
function perSet(figures: Pick<Conventions, 'driftSeconds' | 'driftSlope' | 'driftLeast'>): number {
  return Math.max(figures.driftLeast, 1 + (figures.driftSeconds - 120) / figures.driftSlope);
}

/** What applying a suggestion changes in the next block, in a few words. */
export function changesText(
  suggestion: Suggestion,
  changes: readonly SingleEdit[],
  { block }: Pick<Reviewed, 'block'>,
  names: ExerciseNames,
): string {
  const slots = block.sessions.flatMap((session) => session.slots.map((slot) => ({ session, slot })));
  for (const edit of changes) {
    if (edit.kind !== 'slot/set') continue;
    const at = slots.find(({ slot }) => slot.id === edit.slot);
    if (at === undefined) continue;
    if (edit.field === 'exercise') return `${names(edit.value.id)} instead`;
    if (edit.field === 'technique')
      return `${names(at.slot.exercise.id)} in ${at.session.name} ${setCount(at.slot.technique)} → ${setCount(edit.value)} sets`;
  }
  return suggestion.kind === 'deload earlier' ? `${plural(suggestion.after, 'week')} before the deload` : '';
}
