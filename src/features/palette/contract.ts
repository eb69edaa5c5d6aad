/** An athlete in search results. */
export interface FoundAthlete {
  readonly id: string;
  readonly name: string;
  readonly blockId: string | null;
}

/** What search offers besides commands and screens. */
export interface Found {
  readonly athletes: readonly FoundAthlete[];
  /** The coach's custom exercises, and shipped ones under the coach's names. */
  readonly exercises: readonly { readonly id: string; readonly name: string }[];
}

export type Find = () => Promise<Found>;
