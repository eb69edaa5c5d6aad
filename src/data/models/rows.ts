import type { ActivityEntry, BlockState, Sharing } from '@/core';

/** Rows as stored. JSON columns hold text that the core's codecs validate when read. */
export interface CoachRow {
  id: string;
  email: string;
  name: string;
  passwordHash: string;
  /** JSON: the coach's rules for all athletes. */
  conventions: string;
  /** Their team. */
  houseId: string;
  /** The secret of the second factor, base32; null: password only. */
  secondFactor: string | null;
  /** The 30-second step of the last accepted code: each is accepted once. */
  secondFactorStep: number | null;
}
/** A one-time recovery code. */
export interface RecoveryCodeRow {
  coachId: string;
  codeHash: string;
}
/** A team of coaches; one owns it and invites others. */
export interface HouseRow {
  id: string;
  ownerId: string;
  /** Whether every coach needs a second factor. */
  secondFactorRequired: boolean;
}
/** A one-time link that invites a coach to a team, or resets a member's password. */
export interface CoachInviteRow {
  tokenHash: string;
  houseId: string;
  /** The member who sets a new password; null: an invitation. */
  coachId: string | null;
  expiresAt: Date;
  usedAt: Date | null;
}
export interface SignInRow {
  tokenHash: string;
  coachId: string;
  expiresAt: Date;
  /** Set while the password was right and the code is still to come; how many codes were tried. */
  awaitsCode: boolean;
  tries: number;
  begunAt: Date;
  seenAt: Date;
  /** When the password was last confirmed; null: not since this is recorded. */
  toldAt: Date | null;
  /** The device's name. */
  device: string;
}
/** Recent attempts, by a digest of what they are counted by. */
export interface TriesRow {
  id: string;
  count: number;
  at: Date;
}
/** A device on which a coach has signed in. */
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
  /** The phone that created the code. */
  phoneId: string | null;
  createdAt: Date;
  expiresAt: Date;
  usedAt: Date | null;
}
/** A private link to an athlete's calendar. */
export interface CalendarLinkRow {
  tokenHash: string;
  coachId: string;
  athleteId: string;
  createdAt: Date;
  seenAt: Date | null;
}
/** A coach's name for an exercise. */
export interface ExerciseNameRow {
  coachId: string;
  exerciseId: string;
  name: string | null;
  /** Shares by muscle, as JSON. */
  contributions: string | null;
}
/** A coach's meaning of an exercise name in files. */
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
  /** When a deleted athlete is erased for good. */
  eraseAt: Date | null;
}
/** An athlete shared with a teammate. */
export interface AthleteShareRow {
  athleteId: string;
  coachId: string;
  may: Sharing;
}
/** A coach's action on an athlete. */
export interface DeedRow {
  id?: number;
  athleteId: string;
  byId: string | null;
  what: ActivityEntry['what'];
  about: string;
  at: Date;
}
export interface ExerciseRow {
  id: string;
  revision: number;
  coachId: string;
  facts: string;
  createdAt: Date;
  /** Whether the team sees it. */
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
  /** When it was deleted: erased after a while, restorable until then. */
  deletedAt: Date | null;
}
export interface TemplateRow {
  id: string;
  coachId: string;
  name: string;
  document: string;
  /** JSON: its prerequisites. */
  prerequisites: string;
  createdAt: Date;
  /** Whether the team sees it. */
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
  /** A snapshot of the document now and then, so that a restore need not start from the first edit. */
  document: string | null;
  at: Date;
  /** The coach who made it; null if unknown. */
  byId: string | null;
}
export interface IssuedRow {
  id: string;
  coachId: string;
  blockId: string;
  week: number;
  kind: 'building' | 'deload';
  snapshot: string;
  /** Its sessions for a list of weeks. */
  outline: string;
  issuedAt: Date;
  recalledAt: Date | null;
  /** When the athlete's phone last opened it. */
  openedAt: Date | null;
  /** The coach's note. */
  line: string | null;
  /** Increases each time it is sent again. */
  version: number;
  closedAt: Date | null;
}
/** An earlier version of a week that was sent again. */
export interface IssuedBeforeRow {
  issuedId: string;
  version: number;
  coachId: string;
  snapshot: string;
  replacedAt: Date;
}
/** A block's state on its athlete's day. */
export interface StandingRow {
  blockId: string;
  coachId: string;
  athleteId: string;
  state: BlockState;
  day: string;
  facts: string;
  at: Date;
  /** When a week of it was last sent, and when a set was last logged. */
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
  /** JSON of its notes, oldest first. */
  notes: string;
  rescue: string | null;
  /** When pain was last reported, and when the coach has seen it. */
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
  /** JSON of further notes; null if there are none. */
  more: string | null;
  /** Whether it measures the exercise's strength. */
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
  /** JSON as sent by the phone, unchecked. */
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
  /** Whether it is a proposal from the log, or an alert of the day. */
  source: 'log' | 'day';
  /** The step that applied its answer. */
  editId: string | null;
  /** Whether the athlete's setting answered it, not the coach. */
  byRule: boolean;
}
