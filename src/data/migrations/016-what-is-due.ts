/** What the rounds look for is found by an index: blocks whose day has come, and those that were thrown away. */
export const STATEMENTS: readonly string[] = [
  'ALTER TABLE standings ADD INDEX IF NOT EXISTS standings_due (state, day)',
  'ALTER TABLE blocks ADD INDEX IF NOT EXISTS blocks_deleted (deleted_at)',
];
