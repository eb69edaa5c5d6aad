import { z } from 'zod';
import type { BlockSettings, Session, Slot } from './block';
import { sessionSchema, sessionShape, settingsShape, slotSchema, slotShape } from './block-schema';

export type SlotField = Exclude<keyof Slot, 'id'>;
export type SessionField = Exclude<keyof Session, 'id' | 'slots'>;
export type SettingsField = keyof BlockSettings;

type Setting = {
  [F in SettingsField]: { readonly kind: 'block/set'; readonly field: F; readonly value: BlockSettings[F] };
}[SettingsField];
type SessionSetting = {
  [F in SessionField]: {
    readonly kind: 'session/set';
    readonly session: string;
    readonly field: F;
    readonly value: Session[F];
  };
}[SessionField];
type SlotSetting = {
  [F in SlotField]: {
    readonly kind: 'slot/set';
    readonly slot: string;
    readonly field: F;
    readonly value: Slot[F];
  };
}[SlotField];

/** A change of one thing, addressed by id. `after: null` means first. */
export type SingleEdit =
  | Setting
  | SessionSetting
  | SlotSetting
  | { readonly kind: 'session/add'; readonly after: string | null; readonly session: Session }
  | { readonly kind: 'session/remove'; readonly session: string }
  | {
      readonly kind: 'slot/add';
      readonly session: string;
      readonly after: string | null;
      readonly slot: Slot;
    }
  | { readonly kind: 'slot/remove'; readonly slot: string }
  | {
      readonly kind: 'slot/move';
      readonly slot: string;
      readonly session: string;
      readonly after: string | null;
    };

/** The only way a block changes. Serialisable; see apply-edit for applying and inverting. */
export type Edit = SingleEdit | { readonly kind: 'batch'; readonly edits: readonly SingleEdit[] };

const id = slotShape.id;
const after = id.nullable();

function settings<T extends Record<string, z.ZodType>>(
  shape: T,
  head: Record<string, z.ZodType>,
  skip: readonly string[],
) {
  return Object.entries(shape)
    .filter(([field]) => !skip.includes(field))
    .map(([field, value]) => z.strictObject({ ...head, field: z.literal(field), value }));
}

const single = z.union([
  ...settings(settingsShape, { kind: z.literal('block/set') }, []),
  ...settings(sessionShape, { kind: z.literal('session/set'), session: id }, ['id', 'slots']),
  ...settings(slotShape, { kind: z.literal('slot/set'), slot: id }, ['id']),
  z.strictObject({ kind: z.literal('session/add'), after, session: sessionSchema }),
  z.strictObject({ kind: z.literal('session/remove'), session: id }),
  z.strictObject({ kind: z.literal('slot/add'), session: id, after, slot: slotSchema }),
  z.strictObject({ kind: z.literal('slot/remove'), slot: id }),
  z.strictObject({ kind: z.literal('slot/move'), slot: id, session: id, after }),
]);

/** Checks the shape of an edit that came over the wire. */
export const editSchema = z.union([
  single,
  z.strictObject({ kind: z.literal('batch'), edits: z.array(single).min(1).max(500) }),
]) as unknown as z.ZodType<Edit>;
