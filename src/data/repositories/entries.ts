import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';

/** When the server received a set, ISO 8601, and who entered it. */
export interface Entered {
  readonly at: string;
  readonly by: 'athlete' | 'coach';
}

/** When and by whom a session's sets were entered, by set id. */
export async function entriesOf(asker: Asker, workoutId: string): Promise<ReadonlyMap<string, Entered>> {
  const rows = await models().sets.findAll({
    where: ownRows(asker, { workoutId }),
    attributes: ['id', 'receivedAt', 'enteredBy'],
  });
  return new Map(
    rows.map((row) => {
      const { id, receivedAt, enteredBy } = row.get();
      return [id, { at: receivedAt.toISOString(), by: enteredBy }];
    }),
  );
}
