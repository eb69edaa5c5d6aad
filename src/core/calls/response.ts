import type { Athlete } from '../athlete/athlete';
import type { Reason } from '../plan/reason';
import type { Grant } from '../progression/set-response';
import type { Observation } from '../recovery/observation';
import { callId } from './call';

/** Id of a call that follows from an observation. */
export function observationFacts(
  subject: string,
  { soreness, performance, behindTwice, startShortfall }: Observation,
): { readonly subject: string; readonly id: string } {
  // Left out if 0, so that calls answered before this fact existed stay answered.
  const short = startShortfall > 0 ? [startShortfall] : [];
  return { subject, id: callId(subject, [soreness, performance.verdict, behindTwice, ...short]) };
}

/** Why a muscle's sets change: what it showed, what that suggests, and what the caps left of it. */
export function whyResponse(
  { muscle, soreness, performance, behindTwice, startShortfall }: Observation,
  { style }: Pick<Athlete, 'style'>,
  given: { readonly wanted: number; readonly add: number; readonly capped: Grant['capped'] },
): Reason {
  const { verdict, score } = performance;
  return {
    code: 'set-response',
    muscle,
    soreness,
    verdict,
    score,
    behindTwice,
    startShortfall,
    style,
    ...given,
  };
}
