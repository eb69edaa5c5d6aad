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

/** A statement of a review, and what it rests on. */
interface Said {
  readonly says: string;
  readonly evidence: string;
}

const percent = (value: number) => `${value < 0 ? '−' : '+'}${figure(Math.abs(value), 1)} %`;

/** What a block suggests for the next one, in a sentence, with what it rests on. */
export function suggestionText(suggestion: Suggestion, names: ExerciseNames): Said {
  switch (suggestion.kind) {
    case 'fewer sets':
      return {
        says: `${capital(suggestion.muscle)}: begin lower and stay below ${figure(suggestion.at, 1)} sets a week`,
        evidence: `behind in two sessions running at ${figure(suggestion.at, 1)} sets, week ${suggestion.week}`,
      };
    case 'more sets':
      return {
        says: `${capital(suggestion.muscle)} bears more than ${figure(suggestion.most, 1)} sets a week`,
        evidence: `never behind, ahead in ${suggestion.ahead} of ${plural(suggestion.of, 'session')}; the ceiling is ${figure(suggestion.ceiling, 1)}`,
      };
    case 'exchange':
      return {
        says: `Exchange ${names(suggestion.exerciseId)}, or come at it another way`,
        evidence: `${percent(suggestion.gain)} in ${plural(suggestion.weeks, 'week')}, none of it in the latest`,
      };
    case 'keep':
      return {
        says: `Keep ${listed(suggestion.exerciseIds.map(names))}`,
        evidence: 'still going on: a lift that works is left alone',
      };
    case 'deload earlier':
      return {
        says: `Deload after week ${suggestion.after}`,
        evidence: `${listed(suggestion.muscles)} had fallen twice running by then`,
      };
    case 'train harder':
      return {
        says: 'Train harder: nearer to failure, or more of it',
        evidence: `not one of ${plural(suggestion.sessions, 'session')} in ${plural(suggestion.weeks, 'week')} was behind or strained, and no signs of tiredness; whoever never needs a deload probably does not train hard`,
      };
    case 'shorter sessions':
      return {
        says: 'Plan less into a session, or more minutes for it',
        evidence: `the middle one of ${plural(suggestion.sessions, 'session')} took ${figure(suggestion.share, 0)} % of what it was reckoned at`,
      };
    case 'another day':
      return {
        says: `Another day for ${suggestion.session}, or a split without it`,
        evidence: `missed in ${suggestion.missed} of ${plural(suggestion.of, 'week')}`,
      };
    case 'weaker side':
      return {
        says: `Begin ${names(suggestion.exerciseId)} with the ${suggestion.side} side`,
        evidence: `it did ${figure(suggestion.reps, 1)} reps fewer on average`,
      };
  }
}

/** What a block teaches of its athlete: what would change, with what it rests on. */
export function lessonText(lesson: Taught, names: ExerciseNames): Said {
  switch (lesson.kind) {
    case 'ceiling':
      return {
        says: `${capital(lesson.muscle)}: ceiling ${figure(lesson.from, 1)} → ${figure(lesson.to, 1)} sets`,
        evidence: `behind twice running at ${figure(lesson.sets, 1)} sets in week ${lesson.week}; a third of the way, before phase`,
      };
    case 'floor':
      return {
        says: `${capital(lesson.muscle)}: floor ${figure(lesson.from, 1)} → ${figure(lesson.to, 1)} sets`,
        evidence: `grew at ${figure(lesson.sets, 1)} sets in week ${lesson.week}; a third of the way, before phase`,
      };
    case 'curve':
      return {
        says: 'A rep-max curve of their own',
        evidence: `off by ${figure(lesson.fit.error, 1)} % over ${plural(lesson.fit.sets, 'set')}, the usual one by ${figure(lesson.fit.epleyError, 1)} %; good from ${figure(lesson.fit.from, 0)} to ${figure(lesson.fit.to, 0)} reps`,
      };
    case 'drift':
      return {
        says: `Loses ${figure(lesson.drift.factor, 1)} reps a set for each one reckoned`,
        evidence: `± ${figure(lesson.drift.error, 2)}, from ${plural(lesson.drift.pairs, 'pair')} of sets at one load; at 120 s ${figure(perSet(lesson.from), 1)} → ${figure(perSet(lesson.to), 1)} reps`,
      };
    case 'minutes':
      return {
        says: `Change-overs of ${figure(lesson.from, 0)} → ${figure(lesson.to, 0)} s`,
        evidence: `the middle one of ${plural(lesson.sessions, 'session')} took ${figure(lesson.share, 0)} % of what it was reckoned at`,
      };
    case 'recovery':
      return {
        says: `${capital(lesson.muscle)}: ${lesson.from} → ${lesson.to} h between sessions`,
        evidence: `sore for ${figure(lesson.days, 1)} days on average, ${plural(lesson.reports, 'report')}`,
      };
    case 'range': {
      const { best, other, from, exerciseId } = lesson;
      const was = from === null ? '' : `${from.low}-${from.high} → `;
      const trend = ({ gain, range, days }: typeof best) =>
        `${percent(gain)} a week in ${range.low}-${range.high} over ${plural(days, 'day')}`;
      return {
        says: `${capital(names(exerciseId))}: ${was}${best.range.low}-${best.range.high} reps suit it best`,
        evidence: `${trend(best)}, ${trend(other)}`,
      };
    }
  }
}

/** Reps lost by a set after two minutes. */
function perSet(figures: Pick<Conventions, 'driftSeconds' | 'driftSlope' | 'driftLeast'>): number {
  return Math.max(figures.driftLeast, 1 + (figures.driftSeconds - 120) / figures.driftSlope);
}

/** What taking a suggestion does to the next block, in a few words. */
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
    if (edit.field === 'exercise') return `${names(edit.value.id)} in its place`;
    if (edit.field === 'technique')
      return `${names(at.slot.exercise.id)} in ${at.session.name} ${setCount(at.slot.technique)} → ${setCount(edit.value)} sets`;
  }
  return suggestion.kind === 'deload earlier' ? `${plural(suggestion.after, 'week')} of building` : '';
}
