/** A change of a slot, from and to. */
export interface SlotTrim {
  readonly slotId: string;
  readonly exerciseId: string;
  readonly sets: { readonly from: number; readonly to: number } | null;
  readonly rest: { readonly from: number; readonly to: number } | null;
  /** The exercise it alternates with from now on. */
  readonly pairedWith: string | null;
}
