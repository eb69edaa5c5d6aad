/** An athlete, or something that belongs to one. */
export type About =
  | { readonly athleteId: string }
  | { readonly blockId: string }
  | { readonly issuedWeekId: string };

/**
 * SQL for the athlete (`a`) that something belongs to.
 * @returns the FROM part with its condition last, and the id it expects as `:id`
 * @throws TypeError if the id is not text: the database would match a number with every id that starts with it
 */
export function athleteQuery(about: About): { readonly from: string; readonly id: string } {
  const found =
    'athleteId' in about
      ? { from: 'athletes a WHERE a.id = :id', id: about.athleteId }
      : 'blockId' in about
        ? { from: 'blocks b JOIN athletes a ON a.id = b.athlete_id WHERE b.id = :id', id: about.blockId }
        : {
            from: `issued_weeks i JOIN blocks b ON b.id = i.block_id JOIN athletes a ON a.id = b.athlete_id
              WHERE i.id = :id`,
            id: about.issuedWeekId,
          };
  if (typeof found.id !== 'string') throw new TypeError(`no id: ${typeof found.id}`);
  return found;
}
