import type { Motion, Stretch, WeekOverride } from '../block/block';
import type { RepRange } from '../block/rep-range';
import type { Loading, Measure } from '../exercises/exercise';
import type { WarmUpSet } from '../loading/warm-up-ramp';
import type { Unit } from '../loading/weight';
import type { Gate } from '../techniques/gates';
import type { TechniqueParameters } from '../techniques/registry';
import type { Reason } from './reason';
import type { SetPlan } from './set';

/** A slot in one week, with why its figures are what they are. */
export interface SlotPlan {
  readonly slotId: string;
  readonly exerciseId: string;
  readonly exerciseRevision: number;
  readonly variant: string | null;
  readonly loading: Loading;
  /** Where it is seconds, `reps` of its sets are seconds. */
  readonly measure: Measure;
  readonly unit: Unit;
  /** Bodyweight share lifted along, in the unit. */
  readonly carried: number;
  readonly rest: number;
  readonly tempo: string | null;
  /** As it is done this week, behind its gate and with its own progress. */
  readonly technique: TechniqueParameters;
  /** What keeps the technique from being done as written. */
  readonly gate: Gate | null;
  readonly joined: boolean;
  /** Seconds that the others of its group take between its pieces, where the group is done piece by piece under one clock. */
  readonly away?: number;
  /** Its rep range in this week, moved by the phase; absent in weeks of older engines. */
  readonly range?: RepRange;
  /** Minutes of a break before it, and the fall of reps at which it stops; absent in weeks of older engines. */
  readonly breakBefore?: number;
  readonly stopFall?: number | null;
  readonly motion: Motion;
  readonly stretch: Stretch | null;
  readonly substitutes: readonly string[];
  /** What this week keeps of its own. */
  readonly override: WeekOverride | null;
  readonly note: string;
  readonly sets: readonly SetPlan[];
  readonly warmUp: readonly WarmUpSet[];
  /** Estimated one-rep max behind the loads, share of bodyweight included. */
  readonly oneRepMax: number | null;
  readonly why: { readonly rir: Reason; readonly load: Reason; readonly sets: Reason; readonly reps: Reason };
}
