import type { Muscle } from '../anatomy/muscle';
import { credits } from '../exercises/exercise';
import { type SeenSession, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding } from './finding';

/** Hard sets credited at few reps. */
function heavyCredit({ slots }: SeenSession, { conventions }: CheckInput): ReadonlyMap<Muscle, number> {
  const heavy = new Map<Muscle, number>();
  for (const { slot, exercise } of slots) {
    if (exercise.measure === 'seconds') continue;
    const sets = slot.sets.filter(({ hard, reps }) => hard && reps <= conventions.heavyReps).length;
    for (const [muscle, share] of credits(exercise))
      heavy.set(muscle, (heavy.get(muscle) ?? 0) + sets * share);
  }
  return heavy;
}

/** One muscle gets more hard sets in a session than grow it: eight in all, four of them heavy. */
export const sessionDose: Check = (input) => {
  const { sessionCap, sessionHeavyCap } = input.conventions;
  return sessionsOf(input).flatMap((one) => {
    const { sessionId, name } = one.session;
    const finding = (muscle: Muscle, sets: number, limit: number, heavy: boolean): Finding => ({
      id: `session-dose/${sessionId}/${muscle}/${heavy ? 'heavy' : 'all'}`,
      severity: heavy ? 'note' : 'warn',
      subject: { sessionId, muscle },
      detail: { rule: 'session dose', session: name, muscle, sets, limit, heavy },
      fixes: [],
    });
    const all = [...one.credit].filter(([, sets]) => sets > sessionCap);
    const over = new Set(all.map(([muscle]) => muscle));
    return [
      ...all.map(([muscle, sets]) => finding(muscle, sets, sessionCap, false)),
      // Too many in all says it already.
      ...[...heavyCredit(one, input)]
        .filter(([muscle, sets]) => sets > sessionHeavyCap && !over.has(muscle))
        .map(([muscle, sets]) => finding(muscle, sets, sessionHeavyCap, true)),
    ];
  });
};
