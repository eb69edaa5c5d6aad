import type { BlockSettings, Session, Slot } from './block';

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
