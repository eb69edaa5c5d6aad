import * as screenWords from '@/ui/words/screens/training';
/** Seconds between the tap that starts a clock and the work itself: time to get into position. */
export const LEAD = 5;

export interface Held {
  readonly phase: 'before' | 'holding' | 'longer';
  /** Whole seconds held so far. */
  readonly held: number;
  readonly words: string;
}

/**
 * The state of a hold.
 * @param tapped when its clock was started, milliseconds
 * @param now milliseconds
 * @param of target seconds
 */
export function heldAt(tapped: number, now: number, of: number): Held {
  const since = Math.floor((now - tapped) / 1000) - LEAD;
  if (since < 0) return { phase: 'before', held: 0, words: screenWords.startsInS(-since) };
  if (since < of) return { phase: 'holding', held: since, words: screenWords.secondsToGo(of - since) };
  return {
    phase: 'longer',
    held: since,
    words: since === of ? screenWords.time : screenWords.secondsOver(since - of),
  };
}
