import type { Muscle } from '../anatomy/muscle';
import type { Session, Slot } from '../block/block';
import type { SingleEdit } from '../block/edits/edit';
import { primeMovers } from '../exercises/exercise';
import { asPlanned, type CheckInput } from '../findings/finding';
import { changeSets } from '../findings/slot-sets';
import { setCost } from './set-cost';

/** Shortest rest that isolation work is cut to, and by how much at a time; seconds. */
const LEAST_REST = 45;
const REST_STEP = 15;

/** One thing that makes a session shorter. */
export type FitStep =
  | {
      readonly kind: 'drop set';
      readonly slotId: string;
      readonly exerciseId: string;
      readonly belowFloor: boolean;
    }
  | {
      readonly kind: 'shorten rest';
      readonly slotId: string;
      readonly exerciseId: string;
      readonly from: number;
      readonly to: number;
    };

/** How a session is made to fit: the steps in the order they were taken, as one edit. */
export interface TrimmedSession {
  readonly steps: readonly FitStep[];
  readonly edits: readonly SingleEdit[];
  /** Seconds at the long end before and, by estimate, after. */
  readonly before: number;
  readonly after: number;
  /** Whether it fits after all. */
  readonly fits: boolean;
}

type FitInput = Pick<CheckInput, 'block' | 'week' | 'exerciseOf' | 'conventions'>;

/**
 * What to cut so that a session fits: first sets where the worst-off muscle stands furthest above its floor, then rests
 * of isolation work, and only then sets that take a muscle below its floor.
 * @param minutes the limit
 */
export function trimToMinutes(session: Session, minutes: number, input: FitInput): TrimmedSession {
  const planned = input.week.sessions.find(({ sessionId }) => sessionId === session.id);
  const before = planned?.seconds.high ?? 0;
  const perWeek = 7 / input.block.cycleDays;
  const dropped = new Map<Muscle, number>();
  const steps: FitStep[] = [];
  let slots: readonly Slot[] = session.slots;
  let left = before - minutes * 60;

  const spare = (slot: Slot) =>
    Math.min(
      ...primeMovers(input.exerciseOf(asPlanned(slot))).map((muscle) => {
        const { measured, landmarks } = input.week.muscles[muscle];
        return measured - (dropped.get(muscle) ?? 0) - landmarks.floor;
      }),
      Number.POSITIVE_INFINITY,
    );
  const change = (slot: Slot, edit: SingleEdit): void => {
    if (edit.kind !== 'slot/set') return;
    slots = slots.map((one) => (one.id === slot.id ? { ...one, [edit.field]: edit.value } : one));
  };
  const dropSet = (keepFloor: boolean): boolean => {
    const order = [...slots].sort((a, b) => spare(b) - spare(a));
    for (const slot of order) {
      const edit = changeSets(slot, -1);
      if (edit === undefined || (keepFloor && spare(slot) < perWeek)) continue;
      left -= setCost(slot, input.exerciseOf(asPlanned(slot)), input.conventions);
      for (const muscle of primeMovers(input.exerciseOf(asPlanned(slot))))
        dropped.set(muscle, (dropped.get(muscle) ?? 0) + perWeek);
      steps.push({ kind: 'drop set', slotId: slot.id, exerciseId: slot.exercise.id, belowFloor: !keepFloor });
      change(slot, edit);
      return true;
    }
    return false;
  };
  const shortenRest = (): boolean => {
    const slot = [...slots]
      .filter(
        (one) => input.exerciseOf(asPlanned(one)).kind === 'isolation' && one.rest - REST_STEP >= LEAST_REST,
      )
      .sort((a, b) => b.rest - a.rest)[0];
    if (slot === undefined) return false;
    const to = slot.rest - REST_STEP;
    const gone = steps.filter((step) => step.kind === 'drop set' && step.slotId === slot.id).length;
    const sets = (planned?.slots.find(({ slotId }) => slotId === slot.id)?.sets.length ?? 1) - gone;
    // Between exercises the change-over takes its time whatever the rest.
    left -= REST_STEP * Math.max(0, sets - 1);
    steps.push({ kind: 'shorten rest', slotId: slot.id, exerciseId: slot.exercise.id, from: slot.rest, to });
    change(slot, { kind: 'slot/set', slot: slot.id, field: 'rest', value: to });
    return true;
  };

  while (left > 0 && dropSet(true));
  while (left > 0 && shortenRest());
  while (left > 0 && dropSet(false));

  const edits = slots.flatMap((slot): SingleEdit[] => {
    const was = session.slots.find(({ id }) => id === slot.id);
    return [
      ...(was?.technique === slot.technique
        ? []
        : [{ kind: 'slot/set', slot: slot.id, field: 'technique', value: slot.technique } as const]),
      ...(was?.rest === slot.rest
        ? []
        : [{ kind: 'slot/set', slot: slot.id, field: 'rest', value: slot.rest } as const]),
    ];
  });
  return { steps, edits, before, after: left + minutes * 60, fits: left <= 0 };
}
