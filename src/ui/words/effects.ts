import { isUnchanged, type PlanChanges } from '@/core';
import { figure, listed, minutes, plural, setText, setWithUnit } from './figures';
import { findingSentence } from './findings';
import type { ExerciseNames } from './names';
import { MARK_NAMES } from './values';

const MOST_NAMED = 3;

function some(items: readonly string[], all: number): string {
  return all > items.length ? `${items.join(', ')} and ${all - items.length} more` : listed(items);
}

/** What a change of the profile alters in the running block, as sentences. */
export function effectSentences(
  changes: PlanChanges,
  block: string,
  names: ExerciseNames,
): readonly string[] {
  if (isUnchanged(changes)) return [`This changes nothing in ${block}.`];
  const { loads, volume, times, marks, goals, budget, appearing, vanishing } = changes;
  const sentences: string[] = [];
  if (volume.length > 0) {
    const named = volume
      .slice(0, MOST_NAMED)
      .map(({ muscle, from, to }) => `${muscle} ${figure(from, 1)} → ${figure(to, 1)}`);
    sentences.push(`Hard sets: ${some(named, volume.length)}.`);
  }
  if (times.length > 0) {
    const named = times
      .slice(0, MOST_NAMED)
      .map(({ session, from, to }) => `${session} ${minutes(from)} → ${minutes(to)} min`);
    sentences.push(`Time: ${some(named, times.length)}.`);
  }
  if (loads.length > 0) {
    const first = new Map(loads.map((change) => [change.exerciseId, change] as const).reverse());
    const named = [...first.values()].reverse().slice(0, MOST_NAMED);
    const lines = named.map(
      ({ exerciseId, from, to, slot }) =>
        `${names(exerciseId)} ${setText(from.load, from.reps, slot)} → ${setWithUnit(to.load, to.reps, slot, slot.unit)}`,
    );
    sentences.push(
      `${plural(loads.length, 'planned load')} from week ${Math.min(...loads.map(({ week }) => week))}: ${some(lines, first.size)}.`,
    );
  }
  if (marks.length > 0) {
    const named = marks
      .slice(0, MOST_NAMED)
      .map(
        ({ muscle, mark, from, to }) => `${muscle} ${MARK_NAMES[mark]} ${figure(from, 1)} → ${figure(to, 1)}`,
      );
    sentences.push(`${plural(marks.length, 'landmark')}: ${some(named, marks.length)}.`);
  }
  if (goals.length > 0) sentences.push(`Goals: ${some(goals.slice(0, MOST_NAMED + 2), goals.length)}.`);
  if (budget !== null)
    sentences.push(`Weekly budget ${figure(budget.from, 0)} → ${figure(budget.to, 0)} hard sets a week.`);
  if (appearing.length > 0) {
    const named = appearing.slice(0, 2).map(({ detail }) => findingSentence(detail, names));
    const more = appearing.length - named.length;
    sentences.push(`New in Checks: ${named.join(' ')}${more > 0 ? ` And ${more} more.` : ''}`);
  }
  if (vanishing.length > 0) sentences.push(`Resolved in Checks: ${vanishing.length}.`);
  return sentences;
}
