import type { Conventions } from '../conventions/conventions';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import type { Manner } from '../techniques/technique';
import { parseTempo, secondsPerRep } from './tempo';

/** The duration of a rep relative to a full one; holds count their seconds, lowered reps the way down. */
const TIME: Readonly<Record<Exclude<Manner, 'held' | 'lowered'>, number>> = {
  full: 1,
  'long half': 0.5,
  'short half': 0.5,
  loose: 1,
  slow: 2,
};

/** Seconds of lowering without a tempo: the rest of the rep is control. */
const LOWERING = 3;

type Timed = Pick<SetPlan, 'reps' | 'manner' | 'sections' | 'tempo'>;

/** Seconds of one rep of a set, at its own tempo or the slot's. */
export function secondsPerRepOfSet(
  { tempo }: Pick<SetPlan, 'tempo'>,
  slot: Pick<SlotPlan, 'measure' | 'tempo'>,
  conventions: Pick<Conventions, 'secondsPerRep'>,
): number {
  return secondsPerRep(tempo === undefined ? slot : { ...slot, tempo }, conventions);
}

/** Seconds of a set with its sections, one side. */
export function setTension(
  set: Timed,
  slot: Pick<SlotPlan, 'measure' | 'tempo'>,
  conventions: Pick<Conventions, 'secondsPerRep'>,
): number {
  const perRep = secondsPerRepOfSet(set, slot, conventions);
  const of = (manner: Manner, reps: number) => {
    if (manner === 'held') return reps;
    if (manner === 'lowered') return reps * (parseTempo(slot.tempo ?? '')?.lowering ?? LOWERING);
    return reps * TIME[manner] * perRep;
  };
  return set.sections.reduce((sum, { manner, reps }) => sum + of(manner, reps), of(set.manner, set.reps));
}
