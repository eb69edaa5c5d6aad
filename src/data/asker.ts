/** Who is asking. Every repository function takes one, and every query it makes is bound to that coach's rows. */
export interface Asker {
  readonly coachId: string;
  /** The acting coach, if a teammate with whom the athlete is shared; see `actingOn`. */
  readonly actorId?: string;
}

/** The acting coach. */
export function actorOf({ coachId, actorId }: Asker): string {
  return actorId ?? coachId;
}

/**
 * The condition that limits a query to the asker's rows.
 * @throws TypeError if an id is not text: the database would match a number with every id that starts with it
 */
export function ownRows<T extends object>(asker: Asker, where?: T): T & { coachId: string } {
  for (const [field, value] of Object.entries(where ?? {}))
    if (isIdField(field) && !isText(value)) throw new TypeError(`${field} is no id: ${typeof value}`);
  return { ...(where ?? ({} as T)), coachId: asker.coachId };
}

function isIdField(field: string): boolean {
  return field === 'id' || field.endsWith('Id');
}

/** A text, several texts, or a condition of the ORM, whose keys are symbols. */
function isText(value: unknown): boolean {
  if (Array.isArray(value)) return value.every((one) => typeof one === 'string');
  if (typeof value !== 'object' || value === null) return typeof value === 'string';
  return Object.getOwnPropertySymbols(value).length > 0;
}
