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

/** What calls are based on: a trained week, and the next one, which is not sent yet. */
export interface Evidence {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly conventions: Conventions;
  readonly near: NearConventions;
  /** The planned week that the calls would change. */
  readonly next: WeekPlan;
  readonly last: WeekPlan;
  /** Weeks so far, in order. */
  readonly weeks: readonly WeekPlan[];
  /** How muscles did in the last week's finished sessions. */
  readonly observations: readonly Observation[];
  readonly isFinished: (sessionId: string) => boolean;
  readonly exerciseOf: (slot: SlotPlan) => Exercise;
  /** A slot of the block with its facts before the next week. */
  readonly slotBefore: (
    slotId: string,
  ) => { readonly facts: SlotFacts; readonly history: SlotHistory } | undefined;
  /** Orders of the coach's answers, except declined ones. */
  readonly orders: readonly Order[];
  readonly recovers: (muscle: Muscle) => boolean;
  /** Whether the call with this id is already answered. */
  readonly isAnswered: (call: { readonly subject: string; readonly id: string }) => boolean;
}
