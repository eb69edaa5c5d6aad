import * as z from 'zod';
import { MUSCLES } from '../anatomy/muscle';
import { BOUNDS } from '../block/bounds';
import { isTimeZone } from '../calendar';
import { ownFigures } from '../conventions/conventions-codec';
import { NO_CONVENTIONS } from '../conventions/own-conventions';
import { CURVES, USUAL_EFFORT } from '../effort/curves';
import { EQUIPMENT, JOINTS } from '../exercises/exercise';
import { presetPlace } from '../loading/place-presets';
import { UNITS } from '../loading/weight';
import type { Problem } from '../problem';
import { malformed, ok, type Result, refused } from '../result';
import { GOALS } from '../volume/goal';
import { ANSWERINGS, type Athlete, LEVELS, PHASES, STYLES, WEEKLY_CHECK_IN } from './athlete';
import { MEASUREMENTS } from './measurement';

const unit = z.enum(UNITS);
const date = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/)
  .refine(
    (text) => !Number.isNaN(Date.parse(text)) && new Date(text).toISOString().startsWith(text),
    'is no day of the calendar',
  );
const positive = z.number().positive().max(2000);
const weight = z.strictObject({ value: z.number().min(-2000).max(2000), unit });
const weights = z.array(positive).max(100);
const plates = z.array(z.strictObject({ weight: positive, pairs: z.int().min(1).max(20) })).max(20);

const stack = z
  .strictObject({
    unit,
    first: positive,
    step: positive,
    last: positive,
    addOns: weights.max(6),
    loosePlates: weights.max(8),
  })
  .refine(({ first, last }) => last >= first, 'ends before it begins')
  .refine(({ first, step, last }) => (last - first) / step <= 500, 'has too many steps');

const loads = z.strictObject({
  barbell: z.strictObject({ unit, bar: positive, plates }),
  dumbbell: z.strictObject({ unit, weights: weights.min(1) }),
  stack,
  cable: stack,
  heavyStack: stack,
  plateLoaded: z.strictObject({ unit, bar: z.number().min(0).max(500), plates }),
  bodyweight: z.strictObject({ unit, assistance: weights.max(60), belt: weights.max(12) }),
  bands: z.strictObject({
    unit,
    levels: z
      .array(z.strictObject({ name: z.string().min(1).max(40), weight: positive }))
      .min(1)
      .max(12),
  }),
});

const place = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1).max(60),
  equipment: z.array(z.enum(EQUIPMENT)).max(EQUIPMENT.length),
  loads,
});

const landmark = z.number().min(0).max(60);
const marks = z.strictObject({ hold: landmark, floor: landmark, ceiling: landmark }).partial();
const learned = z.strictObject({
  floor: landmark.optional(),
  ceiling: landmark.optional(),
  evidence: z.string().max(400),
});
const reps = z.int().min(BOUNDS.reps.low).max(BOUNDS.reps.high);
const fraction = z.number().gt(0).max(1);

const repRange = z
  .strictObject({ low: reps, high: reps })
  .refine(({ low, high }) => low <= high, 'begins above its end');

const athlete = z.strictObject({
  id: z.string().regex(/^[\x21-\x7e]{1,96}$/),
  name: z.string().max(120),
  level: z.enum(LEVELS),
  trainingSince: date.nullable(),
  phases: z.array(z.strictObject({ from: date, phase: z.enum(PHASES) })).max(60),
  unit,
  timeZone: z.string().min(1).max(64).refine(isTimeZone, 'is no time zone'),
  bodyweight: weight.refine(({ value }) => value >= 20, 'is too little'),
  days: z.array(z.int().min(0).max(6)).max(7),
  minutes: z.int().min(10).max(300),
  sport: z
    .array(
      z.strictObject({
        name: z.string().trim().min(1).max(60),
        sessions: z.int().min(1).max(14),
        hard: z.boolean(),
      }),
    )
    .max(12),
  style: z.enum(STYLES),
  answering: z.enum(ANSWERINGS).default('ask for all'),
  places: z.array(place).max(12),
  goals: z.partialRecord(z.enum(MUSCLES), z.enum(GOALS)),
  joints: z.array(z.strictObject({ joint: z.enum(JOINTS), since: date, note: z.string().max(400) })).max(7),
  bestSets: z.record(
    z.string(),
    z.strictObject({
      load: weight,
      reps: z.int().min(1).max(300),
      rir: z.number().min(0).max(10),
      date: date.nullable(),
    }),
  ),
  setUps: z.record(z.string(), z.string().max(400)),
  depths: z.record(z.string(), z.string().max(200)).default({}),
  landmarks: z.partialRecord(z.enum(MUSCLES), marks),
  learned: z.partialRecord(z.enum(MUSCLES), learned),
  effort: z.strictObject({
    curve: z.enum(CURVES),
    table: z.array(fraction).length(30).nullable(),
    personal: z
      .strictObject({
        slope: z.number().positive().max(1),
        error: z.number().min(0),
        epleyError: z.number().min(0),
        sets: z.int().min(0),
        from: z.number().min(0),
        to: z.number().min(0),
      })
      .nullable(),
  }),
  lessons: z
    .array(
      z.strictObject({
        blockId: z.string().min(1).max(96),
        about: z.string().min(1).max(80),
        outcome: z.enum(['taken', 'refused']),
        was: z.record(z.string().max(40), z.number()),
      }),
    )
    .max(2000)
    .default([]),
  // The coach's rules are not stored with the athlete.
  conventions: z
    .strictObject({
      coach: ownFigures,
      athlete: ownFigures,
      muscles: z.partialRecord(z.enum(MUSCLES), ownFigures),
      exercises: z.record(z.string().max(64), ownFigures),
    })
    .default(NO_CONVENTIONS),
  ranges: z.record(z.string().max(64), repRange).default({}),
  dates: z
    .array(z.strictObject({ date, what: z.string().trim().max(80) }))
    .max(20)
    .default([]),
  checkIn: z
    .strictObject({
      everyDays: z.int().min(1).max(28),
      girths: z.array(z.enum(MEASUREMENTS)).max(MEASUREMENTS.length),
    })
    .default({ everyDays: WEEKLY_CHECK_IN.everyDays, girths: [] }),
});

/** What is inconsistent in an athlete of the right shape; empty if nothing is. */
export function athleteProblems(facts: Athlete): readonly Problem[] {
  const problems: Problem[] = [];
  if (facts.name.trim() === '') problems.push({ code: 'name-missing', path: 'name' });
  if (facts.phases.length === 0) problems.push({ code: 'no-phase', path: 'phases' });
  if (facts.places.length === 0) problems.push({ code: 'no-place', path: 'places' });
  facts.phases.forEach(({ from }, at) => {
    if (facts.phases.findIndex((one) => one.from === from) !== at)
      problems.push({ code: 'same-day-twice', path: `phases/${at}/from`, date: from });
  });
  for (const [muscle, { hold = 0, floor = hold, ceiling = floor }] of Object.entries(facts.landmarks)) {
    if (hold > floor || floor > ceiling)
      problems.push({ code: 'marks-out-of-order', path: `landmarks/${muscle}`, muscle });
  }
  facts.effort.table?.forEach((value, at, table) => {
    if (at > 0 && value >= (table[at - 1] as number))
      problems.push({ code: 'table-rises', path: `effort/table/${at}`, reps: at + 1 });
  });
  return problems;
}

/** Validates stored or received athlete facts. Phases are returned in order of their days. */
export function decodeAthlete(unchecked: unknown): Result<Athlete> {
  const parsed = athlete.safeParse(lifted(unchecked));
  if (!parsed.success) return malformed(parsed.error);
  const facts = parsed.data as Athlete;
  const problems = athleteProblems(facts);
  if (problems.length > 0) return refused(...problems);
  return ok({ ...facts, phases: [...facts.phases].sort((a, b) => a.from.localeCompare(b.from)) });
}

type Json = Record<string, unknown>;
const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A place from before cables and heavy machines had stacks of their own: theirs are like the others. */
function withAllStacks(place: unknown): unknown {
  if (!isObject(place) || !isObject(place.loads)) return place;
  const { stack } = place.loads;
  return { ...place, loads: { cable: stack, heavyStack: stack, ...place.loads } };
}

/**
 * Facts in their first stored form (one set of equipment, a count of hard sport), converted to today's; others
 * unchanged.
 */
function lifted(unchecked: unknown): unknown {
  if (isObject(unchecked) && Array.isArray(unchecked.places))
    return { ...unchecked, places: unchecked.places.map(withAllStacks) };
  if (!isObject(unchecked) || !isObject(unchecked.equipment) || 'places' in unchecked) return unchecked;
  const { equipment, hardSport, bestSets, ...rest } = unchecked;
  const usual = presetPlace('full gym', rest.unit === 'lb' ? 'lb' : 'kg', 'usual');
  const stack = { loosePlates: [], ...(isObject(equipment.stack) ? equipment.stack : {}) };
  return {
    trainingSince: null,
    days: [0, 1, 2, 3, 4, 5, 6],
    goals: {},
    joints: [],
    setUps: {},
    learned: {},
    effort: USUAL_EFFORT,
    ...rest,
    sport:
      typeof hardSport === 'number' && hardSport > 0
        ? [{ name: 'hard sport', sessions: hardSport, hard: true }]
        : [],
    places: [{ ...usual, loads: { ...usual.loads, ...equipment, stack, cable: stack, heavyStack: stack } }],
    bestSets: isObject(bestSets)
      ? Object.fromEntries(
          Object.entries(bestSets).map(([id, set]) => [id, isObject(set) ? { date: null, ...set } : set]),
        )
      : bestSets,
  };
}
