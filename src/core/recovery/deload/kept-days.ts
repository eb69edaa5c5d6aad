import type { Muscle } from '../../anatomy/muscle';

/** Above this many sessions per cycle they are dropped one by one instead of trying every combination. */
const TRY_ALL = 12;

/**
 * The fewest sessions that train each muscle once; of several solutions the earliest.
 * @param sessions in order, with the prime movers each trains
 */
export function keptDays(
  sessions: readonly { readonly id: string; readonly muscles: ReadonlySet<Muscle> }[],
): ReadonlySet<string> {
  const all = new Set(sessions.flatMap(({ muscles }) => [...muscles]));
  const covers = (chosen: typeof sessions) =>
    [...all].every((muscle) => chosen.some(({ muscles }) => muscles.has(muscle)));
  let best = sessions;
  if (sessions.length > TRY_ALL) {
    for (const session of [...sessions].reverse()) {
      const without = best.filter((one) => one !== session);
      if (covers(without)) best = without;
    }
  } else {
    for (let choice = 0; choice < 2 ** sessions.length; choice++) {
      const chosen = sessions.filter((_, at) => (choice >> at) & 1);
      if (chosen.length < best.length && covers(chosen)) best = chosen;
    }
  }
  return new Set(best.map(({ id }) => id));
}
