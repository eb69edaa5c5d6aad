import type { Muscle } from '../anatomy/muscle';
import { findSlot, type Session, type Slot } from '../block/block';
import { contribution, credits, type Exercise, primeMovers } from '../exercises/exercise';
import type { WeekPlan } from '../plan/week';
import { totalCredit } from '../plan/working-sets';
import { setCost } from '../timing/set-cost';
import { asPlanned, type CheckInput } from './finding';
import { slotsFor } from './slot-sets';

/** Tolerance of sums of shares. */
export const EPSILON = 1e-9;

export interface Candidate {
  readonly slot: Slot;
  readonly session: Session;
  readonly exercise: Exercise;
}

/** Direct slots of a muscle in counted sessions, best payoff first. */
export function candidates(muscle: Muscle, input: CheckInput): readonly Candidate[] {
  return slotsFor(muscle, input).flatMap((slot): Candidate[] => {
    const session = findSlot(input.block, slot.id)?.session;
    if (session === undefined || session.optional) return [];
    return [{ slot, session, exercise: input.exerciseOf(asPlanned(slot)) }];
  });
}

/**
 * Changed sets so far and their effect on each muscle, session and the whole week: an estimate based on the planned
 * week.
 */
export class SetChanges {
  private readonly changed = new Map<string, number>();
  /** The effect of the changes on a week, updated as they are made, because one fix asks for it a thousand times. */
  private readonly moved = new Map<Muscle, number>();
  private sets = 0;
  private readonly perWeek: number;

  constructor(
    private readonly all: readonly Candidate[],
    private readonly input: CheckInput,
  ) {
    this.perWeek = 7 / input.block.cycleDays;
  }

  of({ slot }: Candidate): number {
    return this.changed.get(slot.id) ?? 0;
  }

  change(one: Candidate, by: 1 | -1): void {
    this.changed.set(one.slot.id, this.of(one) + by);
    this.sets += by;
    for (const [muscle, share] of credits(one.exercise))
      if (share === 1 || this.input.block.landmarks !== 'fixed dose')
        this.moved.set(muscle, (this.moved.get(muscle) ?? 0) + by * share);
  }

  /** Weekly sets of a muscle as its volume range counts them. */
  measured(muscle: Muscle): number {
    return this.input.week.muscles[muscle].measured + this.difference(muscle);
  }

  /** Weekly sets by which the changes move a muscle. */
  difference(muscle: Muscle): number {
    return (this.moved.get(muscle) ?? 0) * this.perWeek;
  }

  hardSets(): number {
    return this.input.week.hardSets + this.sets * this.perWeek;
  }

  credited(session: Session, muscle: Muscle): number {
    const planned = this.input.week.sessions.find(({ sessionId }) => sessionId === session.id);
    const now = (planned?.slots ?? []).reduce(
      (sum, slot) => sum + totalCredit(slot.sets) * contribution(this.input.exerciseOf(slot), muscle),
      0,
    );
    return this.all
      .filter((one) => one.session.id === session.id)
      .reduce((sum, one) => sum + this.of(one) * contribution(one.exercise, muscle), now);
  }

  seconds(session: Session): number {
    const planned = this.input.week.sessions.find(({ sessionId }) => sessionId === session.id);
    return this.all
      .filter((one) => one.session.id === session.id)
      .reduce(
        (sum, one) => sum + this.of(one) * setCost(one.slot, one.exercise, this.input.conventions),
        planned?.seconds.high ?? 0,
      );
  }
}

/** Building weeks that are not sent yet. */
export function openWeeks({ blockPlan }: CheckInput): readonly WeekPlan[] {
  return blockPlan.weeks.flatMap(({ plan, issued }) =>
    issued === null && plan.kind === 'building' ? [plan] : [],
  );
}

/** Whether the growing muscles of an exercise that reach their minimum in a week still do. */
export function keepsFloors(one: Candidate, changes: SetChanges, week: WeekPlan): boolean {
  return credits(one.exercise).every(([each]) => {
    const { goal, landmarks, measured } = week.muscles[each];
    if (goal === 'hold' || measured < landmarks.floor) return true;
    return measured + changes.difference(each) + EPSILON >= landmarks.floor;
  });
}

/** Direct slots of some muscles, each once. */
export function candidatesOf(muscles: readonly Muscle[], input: CheckInput): readonly Candidate[] {
  const seen = new Map<string, Candidate>();
  for (const muscle of muscles) for (const one of candidates(muscle, input)) seen.set(one.slot.id, one);
  return [...seen.values()];
}

/** Weekly sets by which the prime mover with the least to spare is above what it needs. */
export function spareSets(one: Candidate, changes: SetChanges, input: CheckInput): number {
  return Math.min(
    ...primeMovers(one.exercise).map((muscle) => {
      const { goal, landmarks } = input.week.muscles[muscle];
      return changes.measured(muscle) - (goal === 'hold' ? landmarks.hold : landmarks.floor);
    }),
  );
}
