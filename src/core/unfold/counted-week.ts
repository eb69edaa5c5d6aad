import { perMuscle } from '../anatomy/muscle';
import type { Block } from '../block/block';
import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import type { IssuedWeek, Performed } from '../plan/week-state';
import { partsOf } from '../techniques/registry';
import { roundCredits } from '../techniques/stamina';
import type { Planner } from './planner';
import { sessionCredit } from './session-credit';
import { type CreditedSession, weekSums } from './week-figures';

type Counting = Pick<Planner, 'exercises' | 'conventions'>;

/**
 * An issued week as it counts: of a session that was trained the sets that were hard when done, optional ones and what
 * was swapped included; of one under way these and what is still planned; of all others what is planned. Landmarks and
 * everything that was handed out stay as they were.
 * @param pairs its sessions with what was done of each, null for nothing
 */
export function countedWeek(
  exercises: Planner['exercises'],
  { plan, conventions }: IssuedWeek,
  crediting: Block['crediting'],
  landmarks: Block['landmarks'],
  cycleDays: number,
  ...pairs: readonly (Performed | null)[]
): WeekPlan {
  if (pairs.every((performed) => performed === null)) return plan;
  const counting = { exercises, conventions };
  const sessions = plan.sessions.map((session, at): CreditedSession => {
    const performed = pairs[at] ?? null;
    const done = performed === null ? session : asDone(session, performed, counting);
    return {
      optional: session.optional && performed === null,
      credit: sessionCredit(counting, done, crediting, plan.kind),
    };
  });
  const { hardSets, of } = weekSums(sessions, cycleDays, conventions);
  return {
    ...plan,
    hardSets,
    whyHardSets: plan.whyHardSets.code === 'budget' ? { ...plan.whyHardSets, hardSets } : plan.whyHardSets,
    muscles: perMuscle((muscle) => {
      const before = plan.muscles[muscle];
      const { sets, fractional, direct, frequency, directFrequency, parts } = of(muscle);
      const measured = landmarks === 'fixed dose' ? direct : fractional;
      const figures = { sets, measured, frequency, directFrequency };
      const why = before.why.code === 'volume' ? { ...before.why, ...figures, direct, parts } : before.why;
      return { ...before, ...figures, why };
    }),
  };
}

/** A session with its sets as they were done; what is not logged is left out once it is finished. */
function asDone(session: SessionPlan, { workout, sets }: Performed, counting: Counting): SessionPlan {
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
      sets: credited(slot, done, counting),
    }));
  });
  return { ...session, optional: false, slots };
}

/** Sets with the credit they have as done: a round by its pieces; what the coach stated where RIR cannot be known. */
function credited(slot: SlotPlan, sets: readonly SetPlan[], { conventions }: Counting): readonly SetPlan[] {
  const rounds = new Map<number, SetPlan[]>();
  for (const set of sets) rounds.set(set.round, [...(rounds.get(set.round) ?? []), set]);
  const parts = partsOf(slot.technique);
  return [...rounds.values()].flatMap((pieces) => {
    const credits = roundCredits(
      pieces.map(({ reps, rir }, at) => ({ reps, rir, pause: pieces[at - 1]?.rest ?? 0 })),
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
