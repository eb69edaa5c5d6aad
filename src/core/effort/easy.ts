/** Highest RIR that is asked for as a number. Beyond it nobody can tell, and the set is called easy. */
export const MOST_ASKED_RIR = 5;

/** Whether a set ends too far from failure to say anything about strength. */
export function isEasy(rir: number): boolean {
  return rir > MOST_ASKED_RIR;
}
