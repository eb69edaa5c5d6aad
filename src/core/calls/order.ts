import type { Muscle } from '../anatomy/muscle';

/** Sets added to a slot from a week on. */
export interface AddedSets {
  readonly kind: 'add sets';
  readonly slotId: string;
  readonly muscle: Muscle;
  readonly week: number;
  readonly add: number;
}

/** Set 1 of a slot in a week: as chosen, or as it was last time (null). */
export interface FirstSet {
  readonly kind: 'first set';
  readonly slotId: string;
  readonly week: number;
  /** The call's identity: the order stands only while its facts are as they were. */
  readonly callId: string;
  readonly outcome: 'accepted' | 'changed' | 'held';
  readonly to: { readonly load: number; readonly reps: number } | null;
}

/** What a coach's answer asks of the plan. Every kind of call says its answers in these few. */
export type Order =
  | AddedSets
  | FirstSet
  | {
      readonly kind: 'recover';
      readonly muscle: Muscle;
      readonly week: number;
      /** Whether the muscle's first session of the week recovers alone. */
      readonly half?: boolean;
    }
  | { readonly kind: 'deload'; readonly week: number };

/** Sets that orders add to a slot up to a week. */
export function addedSets(orders: readonly Order[], slotId: string, week: number): readonly AddedSets[] {
  return orders.filter(
    (order): order is AddedSets => order.kind === 'add sets' && order.slotId === slotId && order.week <= week,
  );
}

/** Whether the whole body deloads in a week, ahead of the planned deload. */
export function deloadsEarly(orders: readonly Order[], week: number): boolean {
  return orders.some((order) => order.kind === 'deload' && order.week === week);
}

/**
 * Whether one of these muscles recovers in a week.
 * @param isFirst whether a muscle is trained for the first time of the week here: half a week ends with that
 */
export function recovers(
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

/** The latest recover week that one of these muscles has had before a week. */
export function lastRecover(
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
