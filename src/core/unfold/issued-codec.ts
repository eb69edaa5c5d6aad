import type { TechniqueParameters } from '../techniques/registry';
import { topSetBackOffs } from '../techniques/top-set-back-offs';
import { LANDMARKS } from '../volume/landmarks';
import type { IssuedWeek, LadderSession, LadderSlot, MuscleWeek } from './ladder';

/**
 * A stored week as it was handed out, in today's shape; no figure of it is derived again. Weeks of engine 1 knew
 * neither places nor variants nor holds, those of engine 2 no techniques beyond straight sets and a top set with
 * back-offs: they read as none.
 */
export function issuedFrom(stored: IssuedWeek): IssuedWeek {
  if (stored.engine >= 3) return stored;
  const known = stored.engine >= 2 ? stored : fromFirst(stored);
  return {
    ...known,
    rung: {
      ...known.rung,
      sessions: known.rung.sessions.map((session) => ({ ...session, slots: session.slots.map(fromSecond) })),
    },
  };
}

function fromSecond(slot: LadderSlot): LadderSlot {
  const backOffs = slot.sets.filter(({ role }) => role === 'back-off').length;
  const technique: TechniqueParameters =
    backOffs > 0
      ? { ...topSetBackOffs.start, backOffs }
      : { kind: 'straight', sets: Math.max(1, slot.sets.length) };
  return {
    ...slot,
    technique,
    gate: null,
    joined: false,
    motion: 'full',
    stretch: null,
    substitutes: [],
    override: null,
    sets: slot.sets.map((set, at) => ({
      ...set,
      credit: set.hard ? 1 : 0,
      round: at + 1,
      piece: 1,
      rest: slot.rest,
      manner: 'full',
      sections: [],
      variant: null,
      optional: false,
    })),
  };
}

function fromFirst(stored: IssuedWeek): IssuedWeek {
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
