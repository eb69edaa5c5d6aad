import { whole } from '../fields';
import { bySets, plainPart, type Section, type Technique } from './technique';

export interface PastTheLastRep {
  readonly kind: 'hold and lower';
  readonly sets: number;
  /** Seconds the weight is held after the last full rep. */
  readonly seconds: number;
  /** Reps only lowered after that, lifted with help. */
  readonly lowered: number;
}

const MOST_SECONDS = 60;
/** Share by which a hold's seconds grow. */
const GROWTH = 0.1;

/**
 * Full reps to failure, then a hold, then reps that are only lowered and lifted with help: full reps progress, then
 * seconds.
 */
export const pastTheLastRep: Technique<PastTheLastRep> = {
  kind: 'hold and lower',
  fields: { sets: whole(1, 4), seconds: whole(0, MOST_SECONDS), lowered: whole(0, 8) },
  start: { kind: 'hold and lower', sets: 1, seconds: 10, lowered: 3 },
  parts: ({ sets, seconds, lowered }) => {
    const sections: readonly Section[] = [
      ...(seconds > 0 ? [{ manner: 'held', reps: seconds, past: true } as const] : []),
      ...(lowered > 0 ? [{ manner: 'lowered', reps: lowered, past: true } as const] : []),
    ];
    return [plainPart(sets, { rir: 0, sections: () => sections })];
  },
  ...bySets(1, 4),
  reach: () => 'past failure',
  heldBack: () => null,
  progress: 'reps',
  // As with partials, both counts together are to be beaten.
  next: (parameters, { closing }, _, given) => {
    if (parameters.seconds === 0 || closing === undefined || closing.full < closing.asked) return parameters;
    if (closing.full > closing.asked) return { ...parameters, seconds: given.seconds };
    const { held } = closing;
    const more = held + Math.max(1, Math.round(held * GROWTH));
    return { ...parameters, seconds: Math.min(MOST_SECONDS, Math.max(1, more)) };
  },
  loggedAs: 'full and partial reps',
  measures: true,
};
