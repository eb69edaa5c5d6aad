import type {
  Athlete,
  Conventions,
  EquipmentSet,
  Exercise,
  Instead,
  LastDone,
  LocalDate,
  LoggedSet,
  Place,
  RampVerdict,
  SessionNote,
  SessionPlan,
  SorenessAsked,
} from '@/core';

/** A session's data for the athlete's app: as sent, what is logged, and last time. */
export interface SessionData {
  readonly blockId: string;
  readonly issuedWeekId: string;
  readonly workoutId: string;
  readonly athleteName: string;
  /** The athlete's local date when the page was made. */
  readonly today: LocalDate;
  readonly week: number;
  readonly kind: 'building' | 'deload';
  readonly session: SessionPlan;
  /** Facts of the exercises as sent, by id. */
  readonly exercises: Readonly<Record<string, Exercise>>;
  /** All of the athlete's places, and the planned one. */
  readonly places: readonly Place[];
  readonly place: string;
  /** The equipment of the place. */
  readonly equipment: EquipmentSet;
  readonly athlete: Pick<Athlete, 'bodyweight' | 'unit' | 'effort'>;
  readonly conventions: Conventions;
  /** Substitutes by slot; exercises for extra work without a slot. */
  readonly instead: Readonly<Record<string, readonly Instead[]>>;
  readonly extras: readonly Instead[];
  /** The athlete's set-up notes, by exercise id. */
  readonly setUps: Readonly<Record<string, string>>;
  /** How the last warm-up sets moved, by slot. */
  readonly ramps: Readonly<Record<string, RampVerdict>>;
  readonly logged: readonly LoggedSet[];
  readonly finished: boolean;
  /** The day it was trained; null before its first tap. */
  readonly date: LocalDate | null;
  readonly notes: readonly SessionNote[];
  /** Each set as last done, in this block or an earlier one, by slot and set: `SLOT/SET`. */
  readonly lastTime: Readonly<Record<string, LastDone>>;
  /** Earlier sessions to ask about soreness, for the muscles this one trains. */
  readonly soreness: readonly SorenessAsked[];
}

/** A sent week in the list. */
export interface FloorWeekList {
  readonly name: string;
  /** The week's purpose, if it needs explaining. */
  readonly care: string | null;
  /** The coach's note with it. */
  readonly line: string | null;
  readonly lines: readonly FloorLine[];
}

/** A line of the list of sessions. */
export interface FloorLine {
  readonly workoutId: string;
  readonly name: string;
  readonly day: string;
  readonly sets: number;
  readonly logged: number;
  readonly minutes: string;
  readonly finished: boolean;
  readonly date: LocalDate | null;
  readonly optional: boolean;
}
