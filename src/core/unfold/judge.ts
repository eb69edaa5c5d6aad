import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { isDeepInCut } from '../athlete/athlete';
import { primeMovers } from '../exercises/exercise';
import { valueIn } from '../loading/weight';
import type { Soreness } from '../log/soreness';
import { dayEasing } from '../on-the-day/session-note';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import type { Performed } from '../plan/week-state';
import type { Observation } from '../recovery/observation';
import { type JudgedSet, performance } from '../recovery/performance';
import { cutShortfall, type StartSets, startShortfall } from '../volume/start-enough';
import { type Planner, plannedExercise } from './planner';

/** Loads as moved and reps, by slot and set: the comparison for "fewer reps than last time at equal load". */
export type DoneBefore = ReadonlyMap<
  string,
  ReadonlyMap<string, { readonly load: number; readonly reps: number }>
>;

interface Judging {
  readonly planner: Planner;
  readonly before: DoneBefore;
  /** By workout and muscle. */
  readonly soreness: ReadonlyMap<string, Soreness>;
}

/**
 * How each prime mover of a finished session's slots did in it.
 * @param lastBehind whether a muscle was below target in its previous session
 */
export function observe(
  week: number,
  session: SessionPlan,
  performed: Performed,
  lastBehind: ReadonlyMap<Muscle, boolean>,
  { planner, before, soreness: reported }: Judging,
): readonly Observation[] {
  // A session made easier on the day was never planned that way: it says nothing about performance.
  if (!performed.workout.finished || dayEasing(performed.workout.notes) !== null) return [];
  const sets = new Map<Muscle, JudgedSet[]>();
  const starts = new Map<Muscle, StartSets[]>();
  const isDeep = isDeepInCut(planner.athlete, performed.workout.date);
  const shortfall = week === 1 ? startShortfall : isDeep ? cutShortfall : undefined;
  for (const slot of session.slots) {
    const judged = judgedSets(slot, performed, before);
    const start = { sets: judged.map(({ done }) => done) };
    for (const muscle of primeMovers(plannedExercise(planner, slot))) {
      const held = sets.get(muscle);
      if (held === undefined) sets.set(muscle, [...judged]);
      else held.push(...judged);
      if (shortfall !== undefined) starts.set(muscle, [...(starts.get(muscle) ?? []), start]);
    }
  }
  return MUSCLES.flatMap((muscle): Observation[] => {
    const result = performance(sets.get(muscle) ?? [], planner.curve, planner.near.ofMuscle(muscle));
    if (result === undefined) return [];
    const soreness = reported.get(`${performed.workout.id}/${muscle}`) ?? 'no check-in';
    return [
      {
        muscle,
        week,
        sessionId: session.sessionId,
        date: performed.workout.date,
        soreness,
        performance: result,
        behindTwice: result.verdict === 'behind' && lastBehind.get(muscle) === true,
        startShortfall: shortfall?.(starts.get(muscle) ?? [], soreness) ?? 0,
      },
    ];
  });
}

function judgedSets(slot: SlotPlan, performed: Performed, before: DoneBefore): JudgedSet[] {
  const judged: JudgedSet[] = [];
  const earlier = before.get(slot.slotId);
  for (const set of slot.sets) {
    const logged = performed.sets.get(`${slot.slotId}/${set.id}`)?.set;
    if (logged === undefined || logged.exerciseId !== slot.exerciseId) continue;
    const load = slot.carried + valueIn(slot.unit, logged.load);
    judged.push({
      held: slot.measure === 'seconds',
      target: { load: set.load === null ? load : slot.carried + set.load, reps: set.reps, rir: set.rir },
      done: { load, reps: logged.reps, rir: logged.rir },
      unclean: logged.more?.unclean === true,
      before: earlier?.get(set.id) ?? null,
    });
  }
  return judged;
}

/** What was logged in a session, by slot and set. */
export function doneIn(session: SessionPlan, performed: Performed): DoneBefore {
  return new Map(
    session.slots.map((slot) => {
      const sets = new Map<string, { load: number; reps: number }>();
      for (const set of slot.sets) {
        const logged = performed.sets.get(`${slot.slotId}/${set.id}`)?.set;
        if (logged?.exerciseId === slot.exerciseId)
          sets.set(set.id, { load: slot.carried + valueIn(slot.unit, logged.load), reps: logged.reps });
      }
      return [slot.slotId, sets];
    }),
  );
}
