/** An athlete as the palette finds them. */
export interface FoundAthlete {
  readonly id: string;
  readonly name: string;
  readonly blockId: string | null;
}

export type FindAthletes = () => Promise<readonly FoundAthlete[]>;
