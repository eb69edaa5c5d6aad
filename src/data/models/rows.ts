import type { BlockState, Deed, Sharing } from '@/core';

/** Rows as they stand in the tables. JSON columns hold text that the core's codecs check when it is read. */
export interface CoachRow {
  id: string;
  email: string;
  name: string;
  passwordHash: string;
  /** JSON: what they set differently for all athletes. */
  conventions: string;
  /** The coaches they work with. */
  houseId: string;
  /** The secret that codes are made from, base32; null: the password is enough. */
  secondFactor: string | null;
  /** The thirty seconds of the last code that was taken: none is taken twice. */
  secondFactorStep: number | null;
}
/** A code that stands in for the second factor once. */
export interface RecoveryCodeRow {
  coachId: string;
  codeHash: string;
}
/** Coaches who work together; one of them owns it and lets others in. */
export interface HouseRow {
  id: string;
  ownerId: string;
  /** Whether every coach of it needs a second factor. */
  secondFactorRequired: boolean;
}
/** A link that lets a coach into a house, or one of it back in, once. */
export interface CoachInviteRow {
  tokenHash: string;
  houseId: string;
  /** Who sets a new password by it; null: whoever has it becomes a coach of the house. */
  coachId: string | null;
  expiresAt: Date;
  usedAt: Date | null;
}
export interface SignInRow {
  tokenHash: string;
  coachId: string;
  expiresAt: Date;
  /** Whether the password was right and a code is still to come; how often one was tried. */
  awaitsCode: boolean;
  tries: number;
  begunAt: Date;
  seenAt: Date;
  /** When the password was told in it last; null: not since this is written down. */
  toldAt: Date | null;
  /** What the device is called. */
  device: string;
}
/** How often something was tried of late, by the digest of what it is counted by. */
export interface TriesRow {
  id: string;
  count: number;
  at: Date;
}
/** A device that a coach has signed in on. */
export interface KnownDeviceRow {
  tokenHash: string;
  coachId: string;
  seenAt: Date;
}
export interface PhoneRow {
  id: string;
  coachId: string;
  athleteId: string;
  tokenHash: string;
  name: string;
  createdAt: Date;
  seenAt: Date;
  expiresAt: Date;
  revokedAt: Date | null;
}
export interface InviteRow {
  tokenHash: string;
  coachId: string;
  athleteId: string;
  kind: 'link' | 'code';
  /** The phone that made a code. */
  phoneId: string | null;
  createdAt: Date;
  expiresAt: Date;
  usedAt: Date | null;
}
/** A private link to the calendar of an athlete's sessions. */
export interface CalendarLinkRow {
  tokenHash: string;
  coachId: string;
  athleteId: string;
  createdAt: Date;
  seenAt: Date | null;
}
/** What a coach calls an exercise in place of its own name. */
export interface ExerciseNameRow {
  coachId: string;
  exerciseId: string;
  name: string;
}
/** Which exercise a coach says a name in others' files means. */
export interface ImportNameRow {
  coachId: string;
  name: string;
  exerciseId: string;
}
export interface AthleteRow {
  id: string;
  coachId: string;
  name: string;
  facts: string;
  revision: number;
  archivedAt: Date | null;
  /** When they are erased for good, who is on their way out. */
  eraseAt: Date | null;
}
/** An athlete that another coach of the house sees. */
export interface AthleteShareRow {
  athleteId: string;
  coachId: string;
  may: Sharing;
}
/** What a coach did with an athlete. */
export interface DeedRow {
  id?: number;
  athleteId: string;
  byId: string | null;
  what: Deed['what'];
  about: string;
  at: Date;
}
export interface ExerciseRow {
  id: string;
  revision: number;
  coachId: string;
  facts: string;
  createdAt: Date;
  /** Whether all coaches of the house see it. */
  shared: boolean;
}
export interface MeasurementRow {
  id: string;
  coachId: string;
  athleteId: string;
  localDate: string;
  kind: string;
  value: string | number;
  unit: string;
  at: Date;
}
export interface RampRow {
  id: string;
  coachId: string;
  workoutId: string;
  slotId: string;
  verdict: string;
  at: Date;
}
export interface BlockRow {
  id: string;
  coachId: string;
  athleteId: string;
  revision: number;
  document: string;
  createdAt: Date;
  updatedAt: Date;
  archivedAt: Date | null;
  /** Thrown away: gone for good after a while, and until then brought back as it was. */
  deletedAt: Date | null;
}
export interface TemplateRow {
  id: string;
  coachId: string;
  name: string;
  document: string;
  /** JSON: what it asks before it. */
  prerequisites: string;
  createdAt: Date;
  /** Whether all coaches of the house see it. */
  shared: boolean;
}
export interface RevisionRow {
  blockId: string;
  revision: number;
  coachId: string;
  editId: string;
  action: 'do' | 'undo' | 'redo';
  edit: string;
  inverse: string;
  /** The whole document now and then, so that a restore need not start from the first edit. */
  document: string | null;
  at: Date;
  /** The coach who made it; null: not known. */
  byId: string | null;
}
export interface IssuedRow {
  id: string;
  coachId: string;
  blockId: string;
  week: number;
  kind: 'building' | 'deload';
  snapshot: string;
  /** Its sessions as a list of weeks shows them. */
  outline: string;
  issuedAt: Date;
  recalledAt: Date | null;
  /** When a phone of the athlete last opened it. */
  openedAt: Date | null;
  /** What the coach says with it. */
  line: string | null;
  /** Counts up each time it is handed out anew. */
  version: number;
  closedAt: Date | null;
}
/** A week as it was before it was handed out anew. */
export interface IssuedBeforeRow {
  issuedId: string;
  version: number;
  coachId: string;
  snapshot: string;
  replacedAt: Date;
}
/** Where a block stands on its athlete's day. */
export interface StandingRow {
  blockId: string;
  coachId: string;
  athleteId: string;
  state: BlockState;
  day: string;
  facts: string;
  at: Date;
  /** When a week of it was last handed out, and when a set was last logged. */
  issuedAt: Date | null;
  lastLogAt: Date | null;
  claimedAt: Date | null;
}
export interface WorkoutRow {
  id: string;
  coachId: string;
  blockId: string;
  issuedWeekId: string;
  week: number;
  sessionId: string;
  localDate: string;
  /** When it last changed: a set, a note. */
  lastSetAt: Date | null;
  finishedAt: Date | null;
  /** JSON of what was told of it, oldest first. */
  notes: string;
  rescue: string | null;
  /** When pain was last told, and when the coach has seen it. */
  hurtAt: Date | null;
  hurtSeenAt: Date | null;
}
export interface LoggedSetRow {
  id: string;
  coachId: string;
  workoutId: string;
  slotId: string;
  setId: string;
  exerciseId: string;
  loadValue: string | number;
  loadUnit: 'kg' | 'lb';
  reps: number;
  rir: string | number;
  /** JSON of what else was noted; null where nothing was. */
  more: string | null;
  /** Whether it says anything of the exercise's strength at large. */
  measuresStrength: boolean;
  doneAt: Date;
  receivedAt: Date;
  supersedes: string | null;
  enteredBy: 'athlete' | 'coach';
}
export interface SorenessRow {
  id: string;
  coachId: string;
  workoutId: string;
  muscle: string;
  /** `none`, `still`, or the day it was gone. */
  soreness: string;
  said: string;
  at: Date;
}
export interface RefusedItemRow {
  id: string;
  phoneId: string;
  coachId: string;
  athleteId: string;
  /** JSON as the phone has it, whatever it is. */
  item: string;
  why: string;
  at: Date;
  settledAt: Date | null;
}
export interface CheckInRow {
  id: string;
  coachId: string;
  athleteId: string;
  localDate: string;
  answers: string;
  receivedAt: Date;
}
export interface CallRow {
  id: string;
  blockId: string;
  coachId: string;
  athleteId: string;
  subject: string;
  week: number;
  status: 'pending' | 'accepted' | 'changed' | 'declined';
  proposal: string;
  choice: string | null;
  createdAt: Date;
  answeredAt: Date | null;
  /** Whether the log made it, or the day. */
  source: 'log' | 'day';
  /** The step of the block that its answer made. */
  editId: string | null;
  /** Whether the athlete's rule answered it, not the coach. */
  byRule: boolean;
}
