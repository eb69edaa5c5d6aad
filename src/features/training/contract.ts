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

/** A session as the floor needs it: what was issued, what is logged, what was done last time. */
export interface FloorSession {
  readonly blockId: string;
  readonly issuedWeekId: string;
  readonly workoutId: string;
  readonly athleteName: string;
  /** Where the athlete is, when the page was made. */
  readonly today: LocalDate;
  readonly week: number;
  readonly kind: 'building' | 'deload';
  readonly session: SessionPlan;
  /** Facts of the exercises as they were issued, by id. */
  readonly exercises: Readonly<Record<string, Exercise>>;
  /** Everywhere the athlete trains, and where the session was planned. */
  readonly places: readonly Place[];
  readonly place: string;
  /** What the place makes loads of. */
  readonly equipment: EquipmentSet;
  readonly athlete: Pick<Athlete, 'bodyweight' | 'unit' | 'effort'>;
  readonly conventions: Conventions;
  /** What may be done instead, by slot; what may be added, in no slot. */
  readonly instead: Readonly<Record<string, readonly Instead[]>>;
  readonly extras: readonly Instead[];
  /** Athlete's own set-up notes by exercise id. */
  readonly setUps: Readonly<Record<string, string>>;
  /** How last ramp sets moved, by slot. */
  readonly ramps: Readonly<Record<string, RampVerdict>>;
  readonly logged: readonly LoggedSet[];
  readonly finished: boolean;
  /** The day it was trained; null before its first tap. */
  readonly date: LocalDate | null;
  readonly notes: readonly SessionNote[];
  /** Each set when it was last done, in this block or an earlier one, by slot and set: `SLOT/SET`. */
  readonly lastTime: Readonly<Record<string, LastDone>>;
  /** Sessions before this one of which the end of soreness is asked, of the muscles this one trains. */
  readonly soreness: readonly SorenessAsked[];
}

/** A week that was handed out, as the list shows it. */
export interface FloorWeekList {
  readonly name: string;
  /** What the week is for, where that needs saying. */
  readonly care: string | null;
  /** What the coach says with it. */
  readonly line: string | null;
  readonly lines: readonly FloorLine[];
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
  readonly optional: boolean;
}
