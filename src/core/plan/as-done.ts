import type { Conventions } from '../conventions/conventions';
import { partsOf } from '../techniques/registry';
import { roundCredits } from '../techniques/stamina';
import type { SessionPlan } from './session';
import type { SetPlan } from './set';
import type { SlotPlan } from './slot';
import type { Performed } from './week-state';

/** A session with its sets as they were done; what is not logged is left out once it is finished. */
export function asDone(
  session: SessionPlan,
  { workout, sets }: Performed,
  conventions: Conventions,
): SessionPlan {
  const slots = session.slots.flatMap((slot): SlotPlan[] => {
    const byExercise = new Map<string, SetPlan[]>();
    for (const set of slot.sets) {
      const logged = sets.get(`${slot.slotId}/${set.id}`)?.set;
      if (logged === undefined && workout.finished) continue;
      const exerciseId = logged?.exerciseId ?? slot.exerciseId;
      const done =
        logged === undefined ? set : { ...set, reps: logged.reps, rir: logged.rir, optional: false };
      byExercise.set(exerciseId, [...(byExercise.get(exerciseId) ?? []), done]);
    }
    return [...byExercise].map(([exerciseId, done]) => ({
      ...slot,
      ...(exerciseId === slot.exerciseId ? {} : { exerciseId, exerciseRevision: 1, variant: null }),
      sets: credited(slot, done, conventions),
    }));
  });
  return { ...session, optional: false, slots };
}

/** Sets with the credit they have as done: a round by its pieces; what the coach stated where RIR cannot be known. */
function credited(slot: SlotPlan, sets: readonly SetPlan[], conventions: Conventions): readonly SetPlan[] {
  const rounds = new Map<number, SetPlan[]>();
  for (const set of sets) rounds.set(set.round, [...(rounds.get(set.round) ?? []), set]);
  const parts = partsOf(slot.technique);
  return [...rounds.values()].flatMap((pieces) => {
    const credits = roundCredits(
      pieces.map(({ reps, rir }, at) => ({
        reps,
        rir,
        pause: (pieces[at - 1]?.rest ?? 0) + (slot.away ?? 0),
      })),
      conventions,
    );
    return pieces.map((set, at): SetPlan => {
      const part = parts.find(({ role }) => role === set.role);
      const isStated = part?.stated !== undefined || part?.asRound === true;
      const credit = set.role === 'easy' || set.optional ? 0 : isStated ? set.credit : (credits[at] ?? 0);
      return { ...set, credit, hard: credit > 0 };
    });
  });
}
