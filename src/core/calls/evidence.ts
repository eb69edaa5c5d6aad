import type { Muscle } from '../anatomy/muscle';
import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import type { NearConventions } from '../conventions/own-conventions';
import type { Exercise } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import type { Observation } from '../recovery/observation';
import type { SlotFacts } from '../unfold/slot-facts';
import type { SlotHistory } from '../unfold/slot-history';
import type { Order } from './order';

/** What calls are made from: a week that was trained, and the next one, which is not handed out yet. */
export interface Evidence {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly conventions: Conventions;
  readonly near: NearConventions;
  /** The week the calls would change, as it is planned. */
  readonly next: WeekPlan;
  readonly last: WeekPlan;
  /** Weeks so far, in order. */
  readonly weeks: readonly WeekPlan[];
  /** How muscles did in the last week's finished sessions. */
  readonly observations: readonly Observation[];
  readonly isFinished: (sessionId: string) => boolean;
  readonly exerciseOf: (slot: SlotPlan) => Exercise;
  /** A slot of the block with what is known of it before the next week. */
  readonly slotBefore: (
    slotId: string,
  ) => { readonly facts: SlotFacts; readonly history: SlotHistory } | undefined;
  /** Orders of the coach's answers that were not declined. */
  readonly orders: readonly Order[];
  readonly recovers: (muscle: Muscle) => boolean;
  /** Whether the call of this identity is answered already. */
  readonly isAnswered: (call: { readonly subject: string; readonly id: string }) => boolean;
}
