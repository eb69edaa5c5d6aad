import { LANDMARKS } from '../volume/landmarks';
import type { IssuedWeek, LadderSession, LadderSlot, MuscleWeek } from './ladder';

/**
 * A stored week as it was handed out, in today's shape. Weeks of engine 1 knew neither places nor variants nor holds:
 * those read as none; no figure of them is derived again.
 */
export function issuedFrom(stored: IssuedWeek): IssuedWeek {
  if (stored.engine >= 2) return stored;
  const { rung } = stored;
  return {
    ...stored,
    exercises: Object.fromEntries(
      Object.entries(stored.exercises).map(([id, exercise]) => [
        id,
        { ...{ measure: 'reps', longHalf: 'none', variants: [], chain: null, skill: null }, ...exercise },
      ]),
    ) as IssuedWeek['exercises'],
    rung: {
      ...rung,
      sessions: rung.sessions.map(
        (session): LadderSession => ({
          ...session,
          place: null,
          optional: false,
          slots: session.slots.map(slotFrom),
        }),
      ),
      muscles: Object.fromEntries(
        Object.entries(rung.muscles).map(([muscle, week]) => [muscle, muscleFrom(week)]),
      ) as typeof rung.muscles,
    },
  };
}

function slotFrom(slot: LadderSlot): LadderSlot {
  return { ...slot, variant: null, measure: 'reps' };
}

function muscleFrom(week: MuscleWeek): MuscleWeek {
  const { why, sets, frequency } = week;
  const figures = { ...week, measured: sets, directFrequency: frequency };
  if (why.code !== 'volume') return figures;
  const none = { level: 1, phase: 1 };
  return {
    ...figures,
    why: {
      ...why,
      crediting: 'fractional',
      measured: sets,
      frequency,
      directFrequency: frequency,
      parts: why.parts.map((part) => ({ ...part, credit: part.sets * part.contribution })),
      landmarks: {
        ...why.landmarks,
        school: 'ramped',
        base: LANDMARKS[week.muscle],
        origins: { hold: 'convention', floor: 'convention', ceiling: 'convention' },
        factors: { floor: none, ceiling: none },
      },
    },
  };
}
