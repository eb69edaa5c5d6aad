/**
 * Rest after a round of a group: the longest that any member still needs, less what passed since its own set.
 * @param members in the order in which they are done, with their rest and the seconds of their work
 * @param change seconds to change from one member to the next
 */
export function restOwed(
  members: readonly { readonly rest: number; readonly seconds: number }[],
  change: number,
): number {
  let since = 0;
  let owed = 0;
  for (const { rest, seconds } of [...members].reverse()) {
    owed = Math.max(owed, rest - since);
    since += change + seconds;
  }
  return owed;
}
