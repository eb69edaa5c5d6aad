/** Who is asking. Every repository takes one, and every query it makes is bound to that coach's rows. */
export interface Asker {
  readonly coachId: string;
  /** Who acts in it, where another coach of the house does whom the athlete is shared with; see `actingOn`. */
  readonly actorId?: string;
}

/** The coach who acts. */
export function actorOf({ coachId, actorId }: Asker): string {
  return actorId ?? coachId;
}

/**
 * The condition that keeps a query within the asker's rows.
 * @throws TypeError where an id is no text: the database would compare a number with all ids that begin with it
 */
export function own<T extends object>(asker: Asker, where?: T): T & { coachId: string } {
  for (const [field, value] of Object.entries(where ?? {}))
    if (isIdField(field) && !isText(value)) throw new TypeError(`${field} is no id: ${typeof value}`);
  return { ...(where ?? ({} as T)), coachId: asker.coachId };
}

function isIdField(field: string): boolean {
  return field === 'id' || field.endsWith('Id');
}

/** A text, several of them, or a condition of the ORM, whose names are symbols. */
function isText(value: unknown): boolean {
  if (Array.isArray(value)) return value.every((one) => typeof one === 'string');
  if (typeof value !== 'object' || value === null) return typeof value === 'string';
  return Object.getOwnPropertySymbols(value).length > 0;
}
