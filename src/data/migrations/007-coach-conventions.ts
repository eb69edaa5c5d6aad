/** A coach's rules for all athletes. */
export const STATEMENTS: readonly string[] = [
  `ALTER TABLE coaches ADD COLUMN IF NOT EXISTS conventions TEXT NOT NULL DEFAULT '{}' CHECK (JSON_VALID(conventions))`,
];
