/** Who entered a set: the athlete on a phone, or the coach. Existing sets came from phones. */
export const STATEMENTS: readonly string[] = [
  `ALTER TABLE logged_sets ADD COLUMN IF NOT EXISTS entered_by VARCHAR(8) NOT NULL DEFAULT 'athlete'`,
];
