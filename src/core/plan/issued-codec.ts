import * as z from 'zod';
import { malformed, ok, type Result } from '../result';
import { type TechniqueParameters, withNewParameters } from '../techniques/registry';
import { topSetBackOffs } from '../techniques/top-set-back-offs';
import { LANDMARKS } from '../volume/landmarks';
import type { SessionOutline } from './outline';
import type { SessionPlan } from './session';
import type { SlotPlan } from './slot';
import type { MuscleWeek, WeekPlan } from './week';
import type { IssuedWeek } from './week-state';

const set = z.looseObject({
  id: z.string(),
  role: z.string(),
  load: z.number().nullable(),
  reps: z.number(),
  rir: z.number(),
});
const slot = z.looseObject({ slotId: z.string(), exerciseId: z.string(), sets: z.array(set) });
const session = z.looseObject({ sessionId: z.string(), name: z.string(), slots: z.array(slot) });
const week = z.looseObject({
  week: z.int().min(1),
  kind: z.enum(['building', 'deload']),
  startDate: z.string(),
  sessions: z.array(session),
  muscles: z.record(z.string(), z.looseObject({ sets: z.number() })),
});

/** A figure that early engines may lack. */
const figure = z
  .number()
  .nullable()
  .transform((value) => value ?? 0);

const outline = z.array(
  z.object({
    sessionId: z.string(),
    name: z.string(),
    day: figure,
    // The database returns true as a number.
    optional: z.union([z.boolean(), z.int()]).nullable().transform(Boolean),
    sets: figure,
    seconds: z.object({ low: figure, high: figure }),
  }),
);

/** Reads what is stored beside a sent week for a list of weeks. */
export function decodeOutline(unchecked: unknown): Result<readonly SessionOutline[]> {
  const parsed = outline.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}

/** What every engine's weeks contain; the rest stays as stored. Weeks before engine 4 say `rung`. */
const issuedSchema = z
  .looseObject({
    id: z.string(),
    week: z.int().min(1),
    issuedAt: z.string(),
    engine: z.int().min(1),
    conventions: z.record(z.string(), z.number()),
    exercises: z.record(z.string(), z.looseObject({ id: z.string() })),
  })
  .and(z.union([z.looseObject({ plan: week }), z.looseObject({ rung: week })]));

/**
 * Reads a week as stored when it was sent, in today's shape; no figure is recomputed. Engine 1 had no places,
 * variants or holds, engine 2 only straight sets and top sets with back-offs, engine 3 marked sets that measure no
 * strength in their id, engines 4 and 5 had techniques with fewer parameters.
 * @param unchecked parsed JSON
 */
export function decodeIssued(unchecked: unknown): Result<IssuedWeek> {
  const parsed = issuedSchema.safeParse(unchecked);
  if (!parsed.success) return malformed(parsed.error);
  const stored = unchecked as IssuedWeek & { readonly rung?: WeekPlan };
  const { rung, ...others } = stored;
  const named: IssuedWeek = rung === undefined ? stored : { ...others, plan: rung };
  const fourth = named.engine >= 4 ? named : fromEngine3Week(named);
  if (named.engine >= 6) return ok(named);
  return ok(
    withSessions(fourth, (slots) =>
      slots.map((one) => ({ ...one, technique: withNewParameters(one.technique) })),
    ),
  );
}

function fromEngine3Week(stored: IssuedWeek): IssuedWeek {
  const third = stored.engine >= 3 ? stored : fromOlderEngine(stored);
  return withSessions(third, (slots) => slots.map(fromEngine3));
}

function fromOlderEngine(stored: IssuedWeek): IssuedWeek {
  const second = stored.engine >= 2 ? stored : fromEngine1(stored);
  return withSessions(second, (slots) => slots.map(fromEngine2));
}

function withSessions(
  week: IssuedWeek,
  change: (slots: readonly SlotPlan[]) => readonly SlotPlan[],
): IssuedWeek {
  const sessions = week.plan.sessions.map((one) => ({ ...one, slots: change(one.slots) }));
  return { ...week, plan: { ...week.plan, sessions } };
}

/** Prefix that engine 3 used for ids of sets that measure no strength. */
const ASIDE = 'aside-';

/** A set's id in engine 4's form. Phones loaded before may still send the older one. */
export function currentSetId(id: string): string {
  return id.startsWith(ASIDE) ? id.slice(ASIDE.length) : id;
}

function fromEngine3(slot: SlotPlan): SlotPlan {
  return {
    ...slot,
    sets: slot.sets.map((one) => ({
      ...one,
      id: currentSetId(one.id),
      measuresStrength: !one.id.startsWith(ASIDE),
    })),
  };
}

function fromEngine2(slot: SlotPlan): SlotPlan {
  const backOffs = slot.sets.filter(({ role }) => role === 'back-off').length;
  const technique: TechniqueParameters =
    backOffs > 0
      ? { ...topSetBackOffs.start, backOffs }
      : { kind: 'straight', sets: Math.max(1, slot.sets.length) };
  return {
    ...slot,
    technique,
    gate: null,
    joined: false,
    motion: 'full',
    stretch: null,
    substitutes: [],
    override: null,
    sets: slot.sets.map((set, at) => ({
      ...set,
      credit: set.hard ? 1 : 0,
      round: at + 1,
      piece: 1,
      rest: slot.rest,
      manner: 'full',
      sections: [],
      variant: null,
      measuresStrength: true,
      optional: false,
    })),
  };
}

function fromEngine1(stored: IssuedWeek): IssuedWeek {
  const { plan } = stored;
  return {
    ...stored,
    exercises: Object.fromEntries(
      Object.entries(stored.exercises).map(([id, exercise]) => [
        id,
        { ...{ measure: 'reps', longHalf: 'none', variants: [], chain: null, skill: null }, ...exercise },
      ]),
    ) as IssuedWeek['exercises'],
    plan: {
      ...plan,
      sessions: plan.sessions.map(
        (session): SessionPlan => ({
          ...session,
          place: null,
          optional: false,
          slots: session.slots.map(slotFrom),
        }),
      ),
      muscles: Object.fromEntries(
        Object.entries(plan.muscles).map(([muscle, week]) => [muscle, muscleFrom(week)]),
      ) as typeof plan.muscles,
    },
  };
}

function slotFrom(slot: SlotPlan): SlotPlan {
  return { ...slot, variant: null, measure: 'reps' };
}

function muscleFrom(week: MuscleWeek): MuscleWeek {
  const { why, sets, frequency } = week;
  const figures = { ...week, measured: sets, directFrequency: frequency };
  if (why.code !== 'volume') return figures;
  const none = { level: 1, phase: 1 };
  return {
    ...figures,
    why: {
      ...why,
      crediting: 'fractional',
      measured: sets,
      frequency,
      directFrequency: frequency,
      parts: why.parts.map((part) => ({ ...part, credit: part.sets * part.contribution })),
      landmarks: {
        ...why.landmarks,
        school: 'ramped',
        base: LANDMARKS[week.muscle],
        origins: { hold: 'convention', floor: 'convention', ceiling: 'convention' },
        factors: { floor: none, ceiling: none },
      },
    },
  };
}
