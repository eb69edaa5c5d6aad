/**
 * When a session's coach last confirmed their password, for sensitive actions. And room for recovery codes as
 * Argon2id hashes.
 */
export const STATEMENTS: readonly string[] = [
  'ALTER TABLE sign_ins ADD COLUMN IF NOT EXISTS told_at DATETIME(3) NULL',
  'ALTER TABLE recovery_codes MODIFY code_hash VARCHAR(160) CHARACTER SET ascii COLLATE ascii_bin NOT NULL',
];
