import type { FindOptions, Model, ModelStatic } from 'sequelize';

/**
 * Plain rows without model instances: for thousands of rows, building the models takes longer than the query.
 * Booleans are 0 and 1 here.
 */
export async function plain<Row extends object>(
  table: ModelStatic<Model<Row>>,
  options: FindOptions<Row>,
): Promise<readonly Row[]> {
  return (await table.findAll({ ...options, raw: true })) as unknown as Row[];
}
