import type { Muscle } from '../anatomy/muscle';

/** Adds sets to a slot from a week on. */
export interface AddedSets {
  readonly kind: 'add sets';
  readonly slotId: string;
  readonly muscle: Muscle;
  readonly week: number;
  readonly add: number;
}

/** Sets a slot's first set in a week: as chosen, or the same as last time (null). */
export interface FirstSet {
  readonly kind: 'first set';
  readonly slotId: string;
  readonly week: number;
  /** The call's id: the order is valid only while its facts are the same. */
  readonly callId: string;
  readonly outcome: 'accepted' | 'changed' | 'held';
  readonly to: { readonly load: number; readonly reps: number } | null;
}

/** What a coach's answer orders the plan to do. Every kind of call uses these few orders. */
export type Order =
  | AddedSets
  | FirstSet
  | {
      readonly kind: 'recover';
      readonly muscle: Muscle;
      readonly week: number;
      /** Whether only the muscle's first session of the week is a recovery session. */
      readonly half?: boolean;
    }
  | { readonly kind: 'deload'; readonly week: number };

/** Sets that orders add to a slot up to a week. */
export function addedSets(orders: readonly Order[], slotId: string, week: number): readonly AddedSets[] {
  return orders.filter(
    (order): order is AddedSets => order.kind === 'add sets' && order.slotId === slotId && order.week <= week,
  );
}

/** Whether the whole body deloads in a week, before the planned deload. */
export function isEarlyDeload(orders: readonly Order[], week: number): boolean {
  return orders.some((order) => order.kind === 'deload' && order.week === week);
}

/**
 * Whether one of these muscles has a recovery week.
 * @param isFirst whether this is the muscle's first session of the week, where half a recovery week ends
 */
export function isRecovering(
  orders: readonly Order[],
  muscles: readonly Muscle[],
  week: number,
  isFirst: (muscle: Muscle) => boolean = () => true,
): boolean {
  return orders.some(
    (order) =>
      order.kind === 'recover' &&
      order.week === week &&
      muscles.includes(order.muscle) &&
      (order.half !== true || isFirst(order.muscle)),
  );
}

/** The latest recovery week of one of these muscles before a week. */
export function lastRecoveryWeek(
  orders: readonly Order[],
  muscles: readonly Muscle[],
  before: number,
): { readonly muscle: Muscle; readonly week: number } | null {
  let latest: { muscle: Muscle; week: number } | null = null;
  for (const order of orders) {
    if (order.kind !== 'recover' || order.week >= before || !muscles.includes(order.muscle)) continue;
    if (latest === null || order.week > latest.week) latest = { muscle: order.muscle, week: order.week };
  }
  return latest;
}
