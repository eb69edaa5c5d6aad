/** How soon after the start, and how often after that, blocks are looked at whose athlete's day has changed. */
const FIRST_MS = 5_000;
const EVERY_MS = 60_000;
/** Every so many rounds, the first among them, all blocks are looked through. */
const WHOLE = 30;

/** Runs once in every process of the server: it keeps calls up to date with the days, whoever is looking. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { dayRound } = await import('./data/repositories/rounds');
  const pause = () => new Promise<void>((resolve) => setTimeout(resolve, 20));
  let rounds = 0;
  const round = async () => {
    // A database that is away is there again by a later round.
    await dayRound(new Date(), pause, rounds++ % WHOLE === 0).catch(() => 0);
    setTimeout(round, EVERY_MS).unref();
  };
  setTimeout(round, FIRST_MS).unref();
}
