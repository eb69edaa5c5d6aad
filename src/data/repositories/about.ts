/** What is asked about: an athlete, or what is an athlete's. */
export type About =
  | { readonly athleteId: string }
  | { readonly blockId: string }
  | { readonly issuedWeekId: string };

/**
 * SQL that finds the athlete (`a`) something is about.
 * @returns what follows FROM, its condition last, and the id that it asks for as `:id`
 * @throws TypeError where the id is no text: the database would compare a number with all ids that begin with it
 */
export function athletesBy(about: About): { readonly from: string; readonly id: string } {
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
