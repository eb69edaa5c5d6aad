import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';

/** A coach's meanings of exercise names in files, by lower-case name. */
export async function importNames(asker: Asker): Promise<Readonly<Record<string, string>>> {
  const rows = await models().importNames.findAll({ where: ownRows(asker) });
  return Object.fromEntries(rows.map((row) => [row.get().name, row.get().exerciseId]));
}

/** Remembers meanings of names; a new one replaces the old. */
export async function rememberImportNames(
  asker: Asker,
  names: Readonly<Record<string, string>>,
): Promise<void> {
  const rows = Object.entries(names).map(([name, exerciseId]) => ({
    coachId: asker.coachId,
    name: name.slice(0, 191),
    exerciseId,
  }));
  if (rows.length > 0) await models().importNames.bulkCreate(rows, { updateOnDuplicate: ['exerciseId'] });
}
