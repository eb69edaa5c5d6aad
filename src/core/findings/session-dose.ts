import type { Muscle } from '../anatomy/muscle';
import { credits } from '../exercises/exercise';
import { isAtMost } from '../rounding';
import { type SeenSession, sessionsOf } from './cycle';
import { type Check, type CheckInput, type Finding, type Fix, lazyFixes } from './finding';
import { spreadSets } from './spread-sets';
import { easeSession } from './volume-fixes';

/** Sets at few reps; in a round of mini-sets those of all its parts. */
function heavyCredit({ slots }: SeenSession, { conventions }: CheckInput): ReadonlyMap<Muscle, number> {
  const heavy = new Map<Muscle, number>();
  for (const { slot, exercise } of slots) {
    if (exercise.measure === 'seconds') continue;
    const reps = new Map<number, number>();
    for (const set of slot.sets) reps.set(set.round, (reps.get(set.round) ?? 0) + set.reps);
    const isHeavy = ({ round }: { readonly round: number }) =>
      (reps.get(round) ?? 0) <= conventions.heavyReps;
    const sets = slot.sets.reduce((sum, set) => sum + (isHeavy(set) ? set.credit : 0), 0);
    for (const [muscle, share] of credits(exercise))
      heavy.set(muscle, (heavy.get(muscle) ?? 0) + sets * share);
  }
  return heavy;
}

/** Fewer sets or, if the muscle needs them all, some of them on another day if that is enough. */
function doseFixes(muscle: Muscle, { session, credit }: SeenSession, input: CheckInput): readonly Fix[] {
  const fewer = easeSession(muscle, session.sessionId, input);
  if (fewer !== undefined) return [fewer];
  return spreadSets(muscle, input).filter(
    ({ slot, sets, added }) =>
      !added &&
      session.slots.some(({ slotId }) => slotId === slot) &&
      (credit.get(muscle) ?? 0) - sets <= input.near.ofMuscle(muscle).sessionCap,
  );
}

/** A muscle gets more hard sets in a session than useful: eight in all, four heavy ones. */
export const sessionDose: Check = (input) => {
  const capOf = (muscle: Muscle) => input.near.ofMuscle(muscle).sessionCap;
  const heavyCapOf = (muscle: Muscle) => input.near.ofMuscle(muscle).sessionHeavyCap;
  return sessionsOf(input).flatMap((one) => {
    const { sessionId, name } = one.session;
    const finding = (muscle: Muscle, sets: number, limit: number, heavy: boolean): Finding => ({
      id: `session-dose/${sessionId}/${muscle}/${heavy ? 'heavy' : 'all'}`,
      severity: heavy ? 'note' : 'warn',
      subject: { sessionId, muscle },
      detail: { rule: 'session dose', session: name, muscle, sets, limit, heavy },
      fixes: heavy ? [] : lazyFixes(input, () => doseFixes(muscle, one, input)),
    });
    const all = [...one.credit].filter(([muscle, sets]) => !isAtMost(sets, capOf(muscle)));
    const over = new Set(all.map(([muscle]) => muscle));
    return [
      ...all.map(([muscle, sets]) => finding(muscle, sets, capOf(muscle), false)),
      // The total already reports it.
      ...[...heavyCredit(one, input)]
        .filter(([muscle, sets]) => !isAtMost(sets, heavyCapOf(muscle)) && !over.has(muscle))
        .map(([muscle, sets]) => finding(muscle, sets, heavyCapOf(muscle), true)),
    ];
  });
};
