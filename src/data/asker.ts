/** Who is asking. Every repository takes one, and every query it makes is bound to that coach's rows. */
export interface Asker {
  readonly coachId: string;
}

/** The condition that keeps a query within the asker's rows. */
export function own<T extends object>(asker: Asker, where?: T): T & { coachId: string } {
  return { ...(where ?? ({} as T)), coachId: asker.coachId };
}
