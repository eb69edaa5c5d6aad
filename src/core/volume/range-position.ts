import type { MuscleWeek } from '../plan/week';

const EPSILON = 1e-9;

/** A muscle's position in its volume range; the display's counting does not affect it. */
export type Standing = 'over' | 'low' | 'held' | 'in';

export function standing({
  measured,
  landmarks,
  goal,
}: Pick<MuscleWeek, 'measured' | 'landmarks' | 'goal'>): Standing {
  if (measured > landmarks.ceiling + EPSILON) return 'over';
  if (goal === 'hold') return measured + EPSILON < landmarks.hold ? 'low' : 'held';
  return measured + EPSILON < landmarks.floor ? 'low' : 'in';
}
