import type { BlockSettings, Session, Slot } from '../document';

export type SlotField = Exclude<keyof Slot, 'id'>;
export type SessionField = Exclude<keyof Session, 'id' | 'slots'>;
export type SettingsField = keyof BlockSettings;

/** Sets one of the block's settings. */
export type SetSettings = {
  [F in SettingsField]: { readonly kind: 'block/set'; readonly field: F; readonly value: BlockSettings[F] };
}[SettingsField];
/** Sets a field of a session. */
export type SetSession = {
  [F in SessionField]: {
    readonly kind: 'session/set';
    readonly session: string;
    readonly field: F;
    readonly value: Session[F];
  };
}[SessionField];
/** Sets a field of a slot. */
export type SetSlot = {
  [F in SlotField]: {
    readonly kind: 'slot/set';
    readonly slot: string;
    readonly field: F;
    readonly value: Slot[F];
  };
}[SlotField];
/** Adds a session after another; `after: null` means first. */
export interface AddSession {
  readonly kind: 'session/add';
  readonly after: string | null;
  readonly session: Session;
}
export interface RemoveSession {
  readonly kind: 'session/remove';
  readonly session: string;
}
/** Adds a slot after another of its session; `after: null` means first. */
export interface AddSlot {
  readonly kind: 'slot/add';
  readonly session: string;
  readonly after: string | null;
  readonly slot: Slot;
}
export interface RemoveSlot {
  readonly kind: 'slot/remove';
  readonly slot: string;
}
/** Moves a slot after another one, in its own session or a different one. */
export interface MoveSlot {
  readonly kind: 'slot/move';
  readonly slot: string;
  readonly session: string;
  readonly after: string | null;
}

/** A change of a single thing, addressed by id. */
export type SingleEdit =
  | SetSettings
  | SetSession
  | SetSlot
  | AddSession
  | RemoveSession
  | AddSlot
  | RemoveSlot
  | MoveSlot;

/** The only way a block changes. Serialisable; a batch is applied whole or not at all. */
export type Edit = SingleEdit | { readonly kind: 'batch'; readonly edits: readonly SingleEdit[] };
