import { MUSCLES } from '../anatomy/muscle';
import { isDate } from '../calendar';
import { conventionBounds } from '../conventions/bounds';
import { CONVENTION_IDS, CONVENTIONS, type ConventionId } from '../conventions/conventions';
import type { Problem } from '../problem';
import type { DeloadMeasure } from '../recovery/deload/deload';
import { deloadSchema } from '../recovery/deload/deload-schema';
import { GOALS } from '../volume/goal';
import { CREDITING_SCHOOLS, LANDMARK_SCHOOLS } from '../volume/schools';
import type { Zod } from '../zod';
import { BOUNDS, LIMITS } from './bounds';
import { idProblems, isId, nameProblems, outOfBounds, tooLong, tooMany } from './rules';
import { SHAPES } from './shape';

export const RANGE_BINDS = ['every set', 'first set'] as const;
export const TIME_MODES = ['realistic', 'strict'] as const;

/** An id made by a document: see isId. */
export const idSchema = (z: Zod) =>
  z
    .string()
    .regex(/^[A-Za-z0-9_-]{1,64}$/)
    .refine(isId);

/** The shape of a block's settings. A field with a default came with a later version of the format. */
export const settingsShape = (z: Zod) => ({
  name: z.string().max(LIMITS.text),
  /** First day of week 1. */
  startDate: z
    .string()
    .regex(/^\d{4}-\d{2}-\d{2}$/)
    .refine(isDate),
  /** Days in one pass of the cycle. */
  cycleDays: z.int(),
  /** The split it started from; null for a custom split. */
  shape: z.enum(SHAPES).nullable().default(null),
  /** Building weeks, without the deload. */
  weeks: z.int(),
  /** RIR of the first and the last building week. */
  rir: z.strictObject({ first: z.number(), last: z.number() }),
  /** How the deload makes the week easier, all combined; null: no deload planned. */
  deload: deloadSchema(z).nullable(),
  /** Weeks that the coach made deloads before the planned one; building weeks continue after them. */
  earlyDeloads: z.array(z.int()).max(LIMITS.earlyDeloads).default([]),
  /** A plan of two working sets per exercise, in which more slots may go past failure on purpose. */
  lowSets: z.boolean().default(false),
  /** Which sets the rep range binds: all of them, so that the last still reaches its bottom, or only the first. */
  rangeBinds: z.enum(RANGE_BINDS).default('every set'),
  /** Whether rep ranges change with the phase. */
  phaseRanges: z.boolean().default(true),
  /** How hard sets are counted on screen. Volume ranges are always compared the way they were defined. */
  crediting: z.enum(CREDITING_SCHOOLS),
  landmarks: z.enum(LANDMARK_SCHOOLS).default('ramped'),
  time: z.enum(TIME_MODES),
  /** Cardio or other sport on days of the cycle. */
  activities: z
    .array(
      z.strictObject({
        id: idSchema(z),
        day: z.int(),
        name: z.string().max(LIMITS.activityName),
        hard: z.boolean(),
        /** Whether it uses the legs. */
        legs: z.boolean(),
      }),
    )
    .max(LIMITS.activities)
    .default([]),
  /** Days off between two weeks of a running block: after which week, and how many. */
  pauses: z
    .array(z.strictObject({ after: z.int(), days: z.int() }))
    .max(LIMITS.pauses)
    .default([]),
  /** Percentages by which all loads change from a week on; several multiply. */
  loadShifts: z
    .array(z.strictObject({ week: z.int(), percent: z.number() }))
    .max(LIMITS.loadShifts)
    .default([]),
  /** In a first block after time off: what the block after it goes back to. Null: not such a block. */
  afterReturn: z
    .strictObject({
      weeks: z.int(),
      rir: z.strictObject({ first: z.number(), last: z.number() }),
      deload: deloadSchema(z).nullable(),
    })
    .nullable()
    .default(null),
  /** Dismissed findings with the coach's reason; each stays hidden until its facts change. */
  dismissed: z
    .array(
      z.strictObject({ finding: z.string().max(300), facts: z.string().max(32), note: z.string().max(400) }),
    )
    .max(LIMITS.dismissed)
    .default([]),
  /** Rules that this block sets differently. */
  conventions: z.partialRecord(z.enum(CONVENTION_IDS as [ConventionId, ...ConventionId[]]), z.number()),
  /** Muscles not listed follow the athlete's own goals. */
  goals: z.partialRecord(z.enum(MUSCLES), z.enum(GOALS)),
});

interface Settings {
  readonly name: string;
  readonly startDate: string;
  readonly cycleDays: number;
  readonly weeks: number;
  readonly rir: { readonly first: number; readonly last: number };
  readonly deload: readonly DeloadMeasure[] | null;
  readonly earlyDeloads: readonly number[];
  readonly activities: readonly { readonly id: string; readonly name: string; readonly day: number }[];
  readonly pauses: readonly { readonly after: number; readonly days: number }[];
  readonly loadShifts: readonly { readonly week: number; readonly percent: number }[];
  readonly afterReturn: Pick<Settings, 'weeks' | 'rir' | 'deload'> | null;
  readonly dismissed: readonly { readonly finding: string; readonly facts: string; readonly note: string }[];
  readonly conventions: Readonly<Partial<Record<ConventionId, number>>>;
}

/** What is wrong with the block's settings. */
export function settingsProblems(block: Settings): readonly Problem[] {
  const { first, last } = block.rir;
  return [
    ...nameProblems('block/name', block.name),
    ...(isDate(block.startDate)
      ? []
      : [{ code: 'no-such-day' as const, path: 'block/startDate', text: block.startDate }]),
    ...outOfBounds('block/weeks', 'weeks', block.weeks, BOUNDS.weeks),
    ...outOfBounds('block/cycleDays', 'days', block.cycleDays, BOUNDS.cycleDays),
    ...outOfBounds('block/rir', 'RIR', first, BOUNDS.rir),
    ...outOfBounds('block/rir', 'RIR', last, BOUNDS.rir),
    ...(last > first ? [{ code: 'rir-rises' as const, path: 'block/rir', first, last }] : []),
    ...(block.afterReturn === null ? [] : afterReturnProblems(block.afterReturn)),
    ...activityProblems(block),
    ...tooMany('block/earlyDeloads', 'early deloads', block.earlyDeloads, LIMITS.earlyDeloads),
    ...block.earlyDeloads.flatMap((week) => outOfBounds('block/earlyDeloads', 'week', week, BOUNDS.week)),
    ...tooMany('block/pauses', 'pauses', block.pauses, LIMITS.pauses),
    ...block.pauses.flatMap(({ after, days }) => [
      ...outOfBounds('block/pauses', 'week', after, { low: 1, high: block.weeks }),
      ...outOfBounds('block/pauses', 'days', days, BOUNDS.pauseDays),
    ]),
    ...tooMany('block/loadShifts', 'shifts of all loads', block.loadShifts, LIMITS.loadShifts),
    ...block.loadShifts.flatMap(({ week, percent }) => [
      ...outOfBounds('block/loadShifts', 'week', week, BOUNDS.week),
      ...outOfBounds('block/loadShifts', 'per cent', percent, BOUNDS.loadShift, false),
    ]),
    ...tooMany('block/dismissed', 'findings put aside', block.dismissed, LIMITS.dismissed),
    ...block.dismissed.flatMap(({ note }) => tooLong('block/dismissed', note, 400)),
    ...(block.deload ?? []).flatMap(deloadProblems),
    ...CONVENTION_IDS.flatMap((id) => {
      const own = block.conventions[id];
      const { name } = CONVENTIONS[id];
      return own === undefined
        ? []
        : outOfBounds('block/conventions', name, own, conventionBounds(id), false);
    }),
  ];
}

function afterReturnProblems({
  weeks,
  rir,
  deload,
}: NonNullable<Settings['afterReturn']>): readonly Problem[] {
  const path = 'block/afterReturn';
  return [
    ...outOfBounds(path, 'weeks', weeks, BOUNDS.weeks),
    ...outOfBounds(path, 'RIR', rir.first, BOUNDS.rir),
    ...outOfBounds(path, 'RIR', rir.last, BOUNDS.rir),
    ...(deload ?? []).flatMap(deloadProblems),
  ];
}

function activityProblems({ activities, cycleDays }: Settings): readonly Problem[] {
  return [
    ...tooMany('block/activities', 'activities', activities, LIMITS.activities),
    ...activities.flatMap(({ id, name, day }) => [
      ...idProblems(`activity/${id}`, id),
      ...nameProblems(`activity/${id}/name`, name, LIMITS.activityName),
      ...outOfBounds(`activity/${id}/day`, 'day', day, { low: 0, high: cycleDays - 1 }),
    ]),
  ];
}

/** What is wrong with one kind of deload. Its schema limits percentages and weeks. */
function deloadProblems(measure: DeloadMeasure): readonly Problem[] {
  const path = 'block/deload';
  switch (measure.kind) {
    case 'fewer sets':
    case 'both':
      return outOfBounds(path, 'share of sets', measure.sets, BOUNDS.deloadSets, false);
    case 'lighter':
      return outOfBounds(path, 'share of the load', measure.load, BOUNDS.deloadLoad, false);
    case 'easier':
      return outOfBounds(path, 'RIR', measure.rir, BOUNDS.deloadRir);
    case 'less time':
      return outOfBounds(path, 'minutes', measure.minutes, BOUNDS.deloadMinutes);
    case 'active rest':
      return outOfBounds(path, 'weeks', measure.weeks, BOUNDS.restWeeks);
    case 'fewer days':
    case 'fewer exercises':
    case 'one heavy touch':
      return [];
  }
}
