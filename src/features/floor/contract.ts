import type {
  EquipmentSet,
  Exercise,
  LastDone,
  LocalDate,
  LoggedSet,
  Muscle,
  RampVerdict,
  SessionPlan,
  Soreness,
} from '@/core';

/** A session as the floor needs it: what was issued, what is logged, what was done last time. */
export interface FloorSession {
  readonly blockId: string;
  readonly issuedWeekId: string;
  readonly workoutId: string;
  readonly athleteName: string;
  readonly week: number;
  readonly kind: 'building' | 'deload';
  readonly session: SessionPlan;
  /** Facts of the exercises as they were issued, by id. */
  readonly exercises: Readonly<Record<string, Exercise>>;
  /** What the session's place makes loads of. */
  readonly equipment: EquipmentSet;
  /** Athlete's own set-up notes by exercise id. */
  readonly setUps: Readonly<Record<string, string>>;
  /** How last ramp sets moved, by slot. */
  readonly ramps: Readonly<Record<string, RampVerdict>>;
  readonly logged: readonly LoggedSet[];
  readonly finished: boolean;
  /** Each set when it was last done, in this block or an earlier one, by slot and set: `SLOT/SET`. */
  readonly lastTime: Readonly<Record<string, LastDone>>;
  readonly reported: readonly { readonly muscle: Muscle; readonly soreness: Soreness }[];
}

/** One line of the list of sessions. */
export interface FloorLine {
  readonly workoutId: string;
  readonly name: string;
  readonly day: string;
  readonly sets: number;
  readonly logged: number;
  readonly minutes: string;
  readonly finished: boolean;
  readonly date: LocalDate | null;
  readonly sorenessMissing: boolean;
}
