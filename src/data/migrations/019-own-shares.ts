/** A coach's shares for an exercise stand beside the name; either may be absent. */
export const STATEMENTS: readonly string[] = [
  'ALTER TABLE exercise_names MODIFY name VARCHAR(120) NULL',
  'ALTER TABLE exercise_names ADD COLUMN IF NOT EXISTS contributions JSON NULL',
];
