/** What is changed of one slot, from what to what. */
export interface SlotTrim {
  readonly slotId: string;
  readonly exerciseId: string;
  readonly sets: { readonly from: number; readonly to: number } | null;
  readonly rest: { readonly from: number; readonly to: number } | null;
  /** Exercise it is done in turn with from now on. */
  readonly pairedWith: string | null;
}
