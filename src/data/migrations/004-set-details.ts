import type { QueryInterface } from 'sequelize';

/** What techniques ask to be noted of a set beside its reps. */
export async function up(queryInterface: QueryInterface): Promise<void> {
  await queryInterface.sequelize.query(
    'ALTER TABLE logged_sets ADD COLUMN more VARCHAR(200) NULL CHECK (more IS NULL OR JSON_VALID(more))',
  );
}
