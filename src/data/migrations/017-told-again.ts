/** When a session's coach last told their password: some things are not done on the strength of a device left open. */
export const STATEMENTS: readonly string[] = [
  'ALTER TABLE sign_ins ADD COLUMN IF NOT EXISTS told_at DATETIME(3) NULL',
];
