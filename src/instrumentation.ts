/** Delay after the start, and interval, of the rounds that update blocks whose athlete's day has changed. */
const FIRST_MS = 5_000;
const EVERY_MS = 60_000;
/** Every this many rounds, and in the first, all blocks are checked. */
const WHOLE = 30;

/** Runs once in every server process: keeps calls up to date as days pass. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { refreshDueBlocks } = await import('./data/repositories/rounds');
  const pause = () => new Promise<void>((resolve) => setTimeout(resolve, 20));
  let rounds = 0;
  const round = async () => {
    // During a database outage a later round succeeds.
    await refreshDueBlocks(new Date(), pause, rounds++ % WHOLE === 0).catch(() => 0);
    setTimeout(round, EVERY_MS).unref();
  };
  setTimeout(round, FIRST_MS).unref();
}
