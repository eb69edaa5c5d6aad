/** Notes of a set beside its reps, as techniques ask for. */
export const STATEMENTS: readonly string[] = [
  'ALTER TABLE logged_sets ADD COLUMN IF NOT EXISTS more VARCHAR(200) NULL CHECK (more IS NULL OR JSON_VALID(more))',
];
