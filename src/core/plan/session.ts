import type { Reason } from './reason';
import type { SlotPlan } from './slot';

/** A session in one week, with its duration. */
export interface SessionPlan {
  readonly sessionId: string;
  readonly name: string;
  readonly day: number;
  /** The athlete's place by id; null: their usual place. */
  readonly place: string | null;
  readonly optional: boolean;
  readonly slots: readonly SlotPlan[];
  /** Seconds at both ends of the rep ranges. */
  readonly seconds: { readonly low: number; readonly high: number };
  readonly whySeconds: Reason;
  /** Working sets. */
  readonly sets: number;
}
