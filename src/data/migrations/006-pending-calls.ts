/** A call that waits for the coach is pending; open is said of dialogs alone. */
export const STATEMENTS: readonly string[] = [`UPDATE calls SET status = 'pending' WHERE status = 'open'`];
