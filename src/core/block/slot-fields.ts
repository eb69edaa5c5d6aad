import type { Exercise } from '../exercises/exercise';
import { UNITS } from '../loading/weight';
import type { Problem } from '../problem';
import { LOAD_RULES } from '../progression/load-rules/registry';
import { setCount, setLimits } from '../techniques/registry';
import { techniqueSchema } from '../techniques/technique-schema';
import { parseTempo } from '../timing/tempo';
import type { Zod } from '../zod';
import { BOUNDS, LIMITS } from './bounds';
import type { RepRange } from './rep-range';
import { outOfBounds, tooLong, tooMany } from './rules';
import { defineField } from './slot-field';

/** Ranges limited by pain: of unknown extent, or without the portion that hurts. */
export const RESTRICTED = [
  'restricted',
  'without the bottom',
  'without the middle',
  'without the top',
] as const;
/** How much of the range of motion a slot uses. */
export const MOTIONS = ['full', 'long half', 'middle', 'short half', ...RESTRICTED] as const;
export const DRIFTS = ['hold RIR', 'hold reps', 'hold reps, first set'] as const;
export const SET_RULES = ['by response', 'fixed'] as const;

const weight = (z: Zod) => z.strictObject({ value: z.number(), unit: z.enum(UNITS) });
const names = (z: Zod, most: number) => z.array(z.string().max(LIMITS.id)).max(most);
const effort = (z: Zod) =>
  z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('week'), offset: z.number() }),
    z.strictObject({ kind: z.literal('fixed'), rir: z.number() }),
  ]);

function effortProblems(
  path: string,
  rir: { readonly kind: 'week'; readonly offset: number } | { readonly kind: 'fixed'; readonly rir: number },
): readonly Problem[] {
  return rir.kind === 'fixed'
    ? outOfBounds(path, 'RIR', rir.rir, BOUNDS.rir)
    : outOfBounds(path, 'RIR offset', rir.offset, BOUNDS.rirOffset);
}

function tempoProblems(path: string, text: string | null): readonly Problem[] {
  return text !== null && (text.length > LIMITS.tempo || parseTempo(text) === undefined)
    ? [{ code: 'tempo', path, text }]
    : [];
}

/** Reps for a middling set; seconds for holds, short ones on straight arms. */
function usualRange(exercise: Exercise): RepRange {
  if (exercise.measure === 'seconds')
    return exercise.skill === 'tendon-heavy' ? { low: 5, high: 15 } : { low: 20, high: 45 };
  return exercise.kind === 'compound' ? { low: 8, high: 12 } : { low: 10, high: 15 };
}

const exerciseRef = (z: Zod) =>
  z.strictObject({ id: z.string().regex(/^[A-Za-z0-9_-]{1,64}$/), revision: z.int().min(1) });

/** Every field of a slot except its id, one entry each. */
export const SLOT_FIELDS = {
  exercise: defineField(exerciseRef)({
    start: ({ id, revision }) => ({ id, revision }),
  }),
  /** A set-up of the exercise, by id; null: the plain exercise. */
  variant: defineField((z) => z.string().max(LIMITS.id).nullable().default(null))({
    start: () => null,
    problems: (variant, path) => tooLong(path, variant, LIMITS.id),
  }),
  /** Exercises the athlete may use instead, depending on what is free, by id. */
  substitutes: defineField((z) => names(z, LIMITS.substitutes).default([]))({
    start: () => [],
    problems: (list, path) => [
      ...tooMany(path, 'substitutes', list, LIMITS.substitutes),
      ...list.flatMap((id) => tooLong(path, id, LIMITS.id)),
    ],
  }),
  /**
   * Set-ups that rotate from set to set, by id, with `''` for the plain exercise; empty: every set uses `variant`.
   */
  rotate: defineField((z) => names(z, LIMITS.rotate).default([]))({
    start: () => [],
    problems: (list, path) => [
      ...tooMany(path, 'set-ups in turn', list, LIMITS.rotate),
      ...list.flatMap((id) => tooLong(path, id, LIMITS.id)),
    ],
  }),
  /** Alternates with the slot above: superset, giant set or circuit. */
  joined: defineField((z) => z.boolean().default(false))({ start: () => false }),
  technique: defineField((z) => techniqueSchema(z))({
    start: ({ kind }) => ({ kind: 'straight', sets: kind === 'compound' ? 3 : 2 }),
    problems: (technique, path) => {
      const { least, most } = setLimits(technique);
      return outOfBounds(path, 'sets', setCount(technique), { low: least, high: most });
    },
  }),
  /** How failure is made safe if the exercise cannot be failed alone; empty: it is not. */
  safety: defineField((z) => z.string().max(LIMITS.safety).default(''))({
    start: () => '',
    problems: (text, path) => tooLong(path, text, LIMITS.safety),
  }),
  motion: defineField((z) => z.enum(MOTIONS).default('full'))({ start: () => 'full' }),
  /** Final sets that are done only with energy left. */
  optionalSets: defineField((z) =>
    z.int().min(BOUNDS.optionalSets.low).max(BOUNDS.optionalSets.high).default(0),
  )({
    start: () => 0,
    problems: (sets, path) => outOfBounds(path, 'optional sets', sets, BOUNDS.optionalSets),
  }),
  /** Minutes of a break before it, between parts of a session. */
  breakBefore: defineField((z) =>
    z.int().min(BOUNDS.breakBefore.low).max(BOUNDS.breakBefore.high).default(0),
  )({
    start: () => 0,
    problems: (minutes, path) => outOfBounds(path, 'minutes of break', minutes, BOUNDS.breakBefore),
  }),
  /** Percentage of the first set's reps whose loss ends the slot; null: all sets are done. */
  stopFall: defineField((z) =>
    z.int().min(BOUNDS.stopFall.low).max(BOUNDS.stopFall.high).nullable().default(null),
  )({
    start: () => null,
    problems: (fall, path) =>
      fall === null ? [] : outOfBounds(path, 'per cent of the first set', fall, BOUNDS.stopFall),
  }),
  /** What the slot ends with. */
  stretch: defineField((z) =>
    z
      .strictObject({
        seconds: z.int().min(BOUNDS.stretch.low).max(BOUNDS.stretch.high),
        note: z.string().max(LIMITS.safety),
      })
      .nullable()
      .default(null),
  )({
    start: () => null,
    problems: (stretch, path) =>
      stretch === null
        ? []
        : [
            ...outOfBounds(path, 'seconds of stretch', stretch.seconds, BOUNDS.stretch),
            ...tooLong(path, stretch.note, LIMITS.safety),
          ],
  }),
  range: defineField((z) => z.strictObject({ low: z.number(), high: z.number() }))({
    start: usualRange,
    problems: ({ low, high }, path) => [
      ...outOfBounds(path, 'reps', low, BOUNDS.reps),
      ...outOfBounds(path, 'reps', high, BOUNDS.reps),
      ...(low > high ? [{ code: 'range-upside-down' as const, path, low, high }] : []),
    ],
  }),
  /** A slot follows the week's RIR with an offset, or has its own. */
  rir: defineField(effort)({
    start: () => ({ kind: 'week', offset: 0 }),
    problems: (rir, path) => effortProblems(path, rir),
  }),
  /**
   * Sets with their own effort, tempo or cue: by number from 1, the last one whatever its number, or all back-offs.
   * If several match a set, the last one's value wins, then its number's.
   */
  setTargets: defineField((z) =>
    z
      .array(
        z.strictObject({
          set: z.union([
            z.int().min(BOUNDS.setNumber.low).max(BOUNDS.setNumber.high),
            z.enum(['last', 'back-offs']),
          ]),
          rir: effort(z).nullable(),
          tempo: z.string().max(LIMITS.tempo).nullable().default(null),
          cue: z.string().max(LIMITS.safety).default(''),
        }),
      )
      .max(LIMITS.setTargets)
      .default([]),
  )({
    start: () => [],
    problems: (targets, path) => [
      ...tooMany(path, 'sets of their own', targets, LIMITS.setTargets),
      ...targets.flatMap(({ set, rir, tempo, cue }) => [
        ...(typeof set === 'string' ? [] : outOfBounds(path, 'set', set, BOUNDS.setNumber)),
        ...(rir === null ? [] : effortProblems(path, rir)),
        ...tempoProblems(path, tempo),
        ...tooLong(path, cue, LIMITS.safety),
      ]),
    ],
  }),
  /** Four or three digits, X for as fast as possible; null: none prescribed. */
  tempo: defineField((z) => z.string().max(LIMITS.tempo).nullable())({
    start: ({ measure, tempo }) => (measure === 'seconds' ? null : tempo),
    problems: (text, path) => tempoProblems(path, text),
  }),
  /** Seconds after each set. */
  rest: defineField((z) => z.number())({
    start: ({ restSeconds }) => restSeconds,
    problems: (rest, path) => outOfBounds(path, 'rest', rest, BOUNDS.rest),
  }),
  drift: defineField((z) => z.enum(DRIFTS))({ start: () => 'hold RIR' }),
  loadRule: defineField((z) => z.enum(LOAD_RULES))({ start: () => 'best fit' }),
  /** Percentage of the load rule's step; null: the rule's default. */
  loadStep: defineField((z) => z.number().nullable().default(null))({
    start: () => null,
    problems: (step, path) =>
      step === null ? [] : outOfBounds(path, 'load step', step, BOUNDS.loadStep, false),
  }),
  /**
   * Sets in the last building week, reached in even steps from the first; null: no planned rise. Sets added by
   * responses come on top.
   */
  rampTo: defineField((z) => z.int().nullable().default(null))({
    start: () => null,
    problems: (sets, path) => (sets === null ? [] : outOfBounds(path, 'sets', sets, BOUNDS.rampTo)),
  }),
  setRule: defineField((z) => z.enum(SET_RULES))({ start: () => 'by response' }),
  /** A set from which the slot's first load is computed, instead of the athlete's best set. */
  start: defineField((z) =>
    z.strictObject({ load: weight(z), reps: z.number(), rir: z.number() }).nullable(),
  )({
    start: () => null,
    problems: (set, path) =>
      set === null
        ? []
        : [
            ...outOfBounds(path, 'reps', set.reps, BOUNDS.reps),
            ...outOfBounds(path, 'RIR', set.rir, BOUNDS.startRir, false),
            ...outOfBounds(path, 'load', set.load.value, BOUNDS.load, false),
          ],
  }),
  /** What bands that hold the bar up take off it at the bottom; at the top they are slack. Null: no bands. */
  relief: defineField((z) => weight(z).nullable().default(null))({
    start: () => null,
    problems: (relief, path) =>
      relief === null ? [] : outOfBounds(path, 'bands', relief.value, BOUNDS.relief, false),
  }),
  /** Done with bodyweight alone, without belt or assistance, whatever the place has. */
  alone: defineField((z) => z.boolean().default(false))({ start: () => false }),
  /** Load as a percentage of the one-rep max, and what is added each calendar week. Null: by its load rule. */
  ofMax: defineField((z) =>
    z.strictObject({ share: z.number(), weekly: z.number() }).nullable().default(null),
  )({
    start: () => null,
    problems: (ofMax, path) =>
      ofMax === null
        ? []
        : [
            ...outOfBounds(path, 'share of one-rep max', ofMax.share, BOUNDS.ofMaxShare, false),
            ...outOfBounds(path, 'weekly step', ofMax.weekly, BOUNDS.ofMaxWeekly, false),
          ],
  }),
  /** Overrides of single weeks; null in one: by the rules. */
  weeks: defineField((z) =>
    z
      .array(
        z.strictObject({
          week: z.int().min(BOUNDS.week.low).max(BOUNDS.week.high),
          sets: z.int().nullable(),
          reps: z.int().nullable(),
          load: weight(z).nullable(),
          rir: z.number().nullable(),
          /** Another exercise for this week only. */
          exercise: exerciseRef(z).optional(),
        }),
      )
      .max(BOUNDS.week.high)
      .default([]),
  )({
    start: () => [],
    problems: (weeks, path) => [
      ...tooMany(path, 'weeks of their own', weeks, BOUNDS.week.high),
      ...weeks.flatMap(({ week, reps, rir, load }) => [
        ...outOfBounds(path, 'week', week, BOUNDS.week),
        ...(reps === null ? [] : outOfBounds(path, 'reps', reps, BOUNDS.reps)),
        ...(rir === null ? [] : outOfBounds(path, 'RIR', rir, BOUNDS.rir)),
        ...(load === null ? [] : outOfBounds(path, 'load', load.value, BOUNDS.load, false)),
      ]),
    ],
  }),
  note: defineField((z) => z.string().max(LIMITS.text))({
    start: () => '',
    problems: (text, path) => tooLong(path, text, LIMITS.text),
  }),
} as const;

export type SlotFieldName = keyof typeof SLOT_FIELDS;
export const SLOT_FIELD_NAMES = Object.keys(SLOT_FIELDS) as SlotFieldName[];
