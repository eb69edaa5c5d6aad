import { choice, whole } from '../fields';
import { fixedMinis, leadRirOf } from './stamina';
import { bySets, plainPart, type Technique } from './technique';

export interface RepLadder {
  readonly kind: 'rep ladder';
  /** Number of times through the ladder. */
  readonly sets: number;
  /** Up 1-2-...-k; up and down again; down from k in steps; k sets of k: 1, 2 and 2, 3 and 3 and 3; or a list. */
  readonly way: 'up' | 'up and down' | 'down' | 'k sets of k' | 'as written';
  /** Reps of each mini-set as written: 15, 20, 15, 20. */
  readonly list: readonly number[];
  /** Reps of the longest mini-set, k. */
  readonly top: number;
  /** Difference in reps between mini-sets. */
  readonly step: number;
  readonly pause: number;
  /** Rests as written, one after each mini-set, the last one for all further ones; none: `pause` after each. */
  readonly rests: readonly number[];
}

const MOST = 50;
/** Longest mini-set of k sets of k, which makes 28 mini-sets. */
const MOST_SQUARE = 7;
const LEAST_PAUSE = 10;
const mostOf = (way: RepLadder['way']) => (way === 'k sets of k' ? MOST_SQUARE : MOST);

function repsOf({ way, top, step, list }: RepLadder): readonly number[] {
  if (way === 'as written') return list.length === 0 ? [top] : list;
  if (way === 'k sets of k')
    return Array.from({ length: Math.min(top, MOST_SQUARE) }, (_, at) =>
      Array.from({ length: at + 1 }, () => at + 1),
    ).flat();
  const up: number[] = [];
  for (let reps = top; reps > 0; reps -= step) up.unshift(reps);
  if (way === 'up') return up;
  const down = [...up].reverse();
  return way === 'down' ? down : [...up, ...down.slice(1)];
}

/**
 * 1-2-...-k at one load, optionally back down, sets that shrink by a step, or reps as written: k grows, then rests
 * shrink.
 */
export const repLadder: Technique<RepLadder> = {
  kind: 'rep ladder',
  fields: {
    sets: whole(1, 4),
    way: choice(['up', 'up and down', 'down', 'k sets of k', 'as written']),
    list: { type: 'list', least: 1, most: 100, longest: 20, otherwise: [] },
    top: whole(2, MOST),
    step: whole(1, 10),
    pause: whole(0, 300),
    rests: { type: 'list', least: 0, most: 600, longest: MOST, otherwise: [] },
  },
  start: { kind: 'rep ladder', sets: 2, way: 'up', top: 5, step: 1, list: [], pause: 20, rests: [] },
  parts: (parameters) => {
    const reps = repsOf(parameters);
    const [first = 1, ...others] = reps;
    const pause = parameters.rests.length === 0 ? parameters.pause : parameters.rests;
    return [
      plainPart(parameters.sets, {
        range: { low: first, high: first },
        leadRir: leadRirOf(reps, pause),
        minis: () => fixedMinis(others, pause),
      }),
    ];
  },
  ...bySets(1, 4),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'earned',
  // Once reps and rests stay as they are, the load is what is left to progress.
  earned: ({ way, rests, pause }, { met, running }) =>
    way === 'as written' && (rests.length > 0 || pause <= LEAST_PAUSE) && met && running >= 2,
  next: (parameters, done, { range }) => {
    if (!done.met) return parameters;
    const shorter = {
      ...parameters,
      pause: Math.max(Math.min(LEAST_PAUSE, parameters.pause), parameters.pause - 5),
    };
    const most = Math.min(mostOf(parameters.way), Math.max(range.high, parameters.top));
    if (parameters.way !== 'as written' && parameters.top < most)
      return { ...parameters, top: parameters.top + 1 };
    return parameters.rests.length > 0 ? parameters : shorter;
  },
  loggedAs: 'reps',
  measures: false,
  across: true,
};
