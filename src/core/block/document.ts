import type { z } from 'zod';
import type { Zod } from '../zod';
import { BOUNDS, LIMITS } from './bounds';
import { sessionWeekSchema } from './session-week';
import { idSchema, settingsShape } from './settings-fields';
import type { Deep } from './slot-field';
import { SLOT_FIELDS } from './slot-fields';

/**
 * The shape of the document. Simple limits are in each field's schema; the types of a block are derived from here.
 */
export const BLOCK_FORMAT = 'dense-ladder/block';
export const BLOCK_VERSION = 3;

type SlotShape = {
  readonly [F in keyof typeof SLOT_FIELDS]: ReturnType<(typeof SLOT_FIELDS)[F]['schema']>;
};

/** The fields of a slot, without its id. */
export function slotShape(z: Zod): SlotShape {
  // Built entry by entry; TypeScript cannot infer from a list that each name keeps its own schema.
  return Object.fromEntries(
    Object.entries(SLOT_FIELDS).map(([name, { schema }]) => [name, schema(z)]),
  ) as unknown as SlotShape;
}

export function slotSchema(z: Zod) {
  return z.strictObject({ id: idSchema(z), ...slotShape(z) });
}

/** The fields of a session, without its id and slots. */
export const sessionShape = (z: Zod) => ({
  name: z.string().max(LIMITS.text),
  /** Day of the cycle; 0 is the first, Monday for a week. */
  day: z.int(),
  /** The athlete's place, by id; null: their usual place. */
  place: z.string().max(LIMITS.id).nullable().default(null),
  /** Done if there is time and energy: planned, but not counted. */
  optional: z.boolean().default(false),
  /** Overrides for single weeks. */
  weeks: z.array(sessionWeekSchema(z)).max(BOUNDS.week.high).default([]),
});

export function sessionSchema(z: Zod) {
  return z.strictObject({
    id: idSchema(z),
    ...sessionShape(z),
    slots: z.array(slotSchema(z)).max(LIMITS.slots),
  });
}

export function blockSchema(z: Zod) {
  return z.strictObject({
    format: z.literal(BLOCK_FORMAT),
    version: z.union([z.literal(1), z.literal(2), z.literal(BLOCK_VERSION)]),
    ...settingsShape(z),
    sessions: z.array(sessionSchema(z)).max(LIMITS.sessions),
  });
}

/** An exercise's place in a session. */
export type Slot = Deep<z.output<ReturnType<typeof slotSchema>>>;
/** A workout of the cycle. */
export type Session = Deep<z.output<ReturnType<typeof sessionSchema>>>;
/** Settings of the whole block. */
export type BlockSettings = Deep<z.output<z.ZodObject<ReturnType<typeof settingsShape>>>>;
/** A training block: one document, changed only by edits. */
export type Block = Deep<Omit<z.output<ReturnType<typeof blockSchema>>, 'version'>> & {
  readonly version: typeof BLOCK_VERSION;
};
