import type { Motion, Stretch, WeekOverride } from '../block/block';
import type { RepRange } from '../block/rep-range';
import type { Loading, Measure } from '../exercises/exercise';
import type { WarmUpSet } from '../loading/warm-up-ramp';
import type { Unit } from '../loading/weight';
import type { Gate } from '../techniques/gates';
import type { TechniqueParameters } from '../techniques/registry';
import type { Reason } from './reason';
import type { SetPlan } from './set';

/** A slot in a week, with the reasons for its figures. */
export interface SlotPlan {
  readonly slotId: string;
  readonly exerciseId: string;
  readonly exerciseRevision: number;
  readonly variant: string | null;
  readonly loading: Loading;
  /** For seconds, `reps` of its sets are seconds. */
  readonly measure: Measure;
  readonly unit: Unit;
  /** What is moved besides the load, in the unit: bodyweight, less what bands take off on average. */
  readonly carried: number;
  readonly rest: number;
  readonly tempo: string | null;
  /** The technique as done this week, held back by its limits and with its own progress. */
  readonly technique: TechniqueParameters;
  /** What prevents the technique from being done as written. */
  readonly gate: Gate | null;
  readonly joined: boolean;
  /**
   * Seconds that the other exercises take between its parts, if its group alternates piece by piece under one clock.
   */
  readonly away?: number;
  /** Its rep range in this week, as changed by the phase; absent in weeks of older engines. */
  readonly range?: RepRange;
  /** Minutes of a break before it, and the fall in reps that ends it; absent in weeks of older engines. */
  readonly breakBefore?: number;
  readonly stopFall?: number | null;
  /** What bands take off its bar at the bottom, in the unit; absent without bands. */
  readonly relief?: number;
  readonly motion: Motion;
  readonly stretch: Stretch | null;
  readonly substitutes: readonly string[];
  /** This week's overrides. */
  readonly override: WeekOverride | null;
  readonly note: string;
  readonly sets: readonly SetPlan[];
  readonly warmUp: readonly WarmUpSet[];
  /** Estimated one-rep max behind the loads, including bodyweight. */
  readonly oneRepMax: number | null;
  /** The one-rep max that its shares are taken of; absent for holds, without strength, and in older weeks. */
  readonly heldMax?: number;
  readonly why: { readonly rir: Reason; readonly load: Reason; readonly sets: Reason; readonly reps: Reason };
}
