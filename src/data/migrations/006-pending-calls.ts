/** A call that waits for the coach is `pending`; `open` is used for dialogs only. */
export const STATEMENTS: readonly string[] = [`UPDATE calls SET status = 'pending' WHERE status = 'open'`];
