/** Indexes for background work: blocks that are due, and deleted ones. */
export const STATEMENTS: readonly string[] = [
  'ALTER TABLE standings ADD INDEX IF NOT EXISTS standings_due (state, day)',
  'ALTER TABLE blocks ADD INDEX IF NOT EXISTS blocks_deleted (deleted_at)',
];
