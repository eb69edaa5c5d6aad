import type { RepRange } from '../block/rep-range';
import type { Conventions } from '../conventions/conventions';
import type { LoggedSet } from '../log/log';
import { summariseNotes } from '../on-the-day/session-note';
import { isAtMost } from '../rounding';
import { techniqueParts } from '../techniques/registry';
import { roundCredits } from '../techniques/stamina';
import { plainSet } from './plain-set';
import type { SessionPlan } from './session';
import type { SetPlan } from './set';
import type { SlotPlan } from './slot';
import type { Performed } from './week-state';

/**
 * A session with its sets as done. Sets not logged are left out once it is finished or their slot was skipped; extra
 * work has slots of its own.
 */
export function asDone(
  session: SessionPlan,
  { workout, sets }: Performed,
  conventions: Conventions,
): SessionPlan {
  const { skips, pains } = summariseNotes(workout.notes);
  const planned = new Set<string>();
  const slots = session.slots.flatMap((slot): SlotPlan[] => {
    const byExercise = new Map<string, SetPlan[]>();
    const isOut = workout.finished || skips.has(slot.slotId) || pains.has(slot.slotId);
    for (const set of slot.sets) {
      const key = `${slot.slotId}/${set.id}`;
      planned.add(key);
      const logged = sets.get(key)?.set;
      if (logged === undefined && isOut) continue;
      const exerciseId = logged?.exerciseId ?? slot.exerciseId;
      const done =
        logged === undefined
          ? set
          : { ...set, reps: logged.reps, rir: logged.rir, predictedRir: null, optional: false };
      byExercise.set(exerciseId, [...(byExercise.get(exerciseId) ?? []), done]);
    }
    return [...byExercise].map(([exerciseId, done]) => ({
      ...slot,
      ...(exerciseId === slot.exerciseId ? {} : { exerciseId, exerciseRevision: 1, variant: null }),
      sets: credited(slot, done, conventions),
    }));
  });
  const beyond = [...sets].flatMap(([key, { set }]) => (planned.has(key) ? [] : [set]));
  return { ...session, optional: false, slots: [...slots, ...extraWorkSlots(session, beyond, conventions)] };
}

/** Unplanned sets, as slots of their own by what was done. */
function extraWorkSlots(
  { slots: [like] }: SessionPlan,
  sets: readonly LoggedSet[],
  conventions: Conventions,
): readonly SlotPlan[] {
  if (like === undefined) return [];
  const byExercise = new Map<string, SetPlan[]>();
  for (const { id, exerciseId, reps, rir } of sets) {
    const before = byExercise.get(exerciseId) ?? [];
    byExercise.set(exerciseId, [...before, plainSet(id, before.length + 1, { reps, rir })]);
  }
  return [...byExercise].map(([exerciseId, done]) => {
    const slot = { ...like, slotId: `beyond/${exerciseId}`, exerciseId, exerciseRevision: 1, variant: null };
    const straight: SlotPlan = { ...slot, technique: { kind: 'straight', sets: done.length }, joined: false };
    return { ...straight, sets: credited(straight, done, conventions) };
  });
}

/** RIR within which a finisher at half of the max counts, if it reached the bottom of its range. */
const FINISHED_RIR = 2;

/** A finisher at a share of the max is judged by its reps. */
function finisherCredit({ reps, rir }: SetPlan, range: RepRange | undefined): number {
  return reps >= (range?.low ?? 0) && isAtMost(rir, FINISHED_RIR) ? 1 : 0;
}

/** Sets with credit as done: a round by its parts; the coach's figure if RIR cannot be known. */
function credited(slot: SlotPlan, sets: readonly SetPlan[], conventions: Conventions): readonly SetPlan[] {
  const rounds = new Map<number, SetPlan[]>();
  for (const set of sets) rounds.set(set.round, [...(rounds.get(set.round) ?? []), set]);
  const parts = techniqueParts(slot.technique);
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
      const own = part?.ofMaxRises === true ? finisherCredit(set, part.range) : (credits[at] ?? 0);
      const credit = set.role === 'easy' || set.optional ? 0 : isStated ? set.credit : own;
      return { ...set, credit, hard: credit > 0 };
    });
  });
}
