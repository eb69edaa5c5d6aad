import type { Level } from '../athlete/athlete';

/**
 * What a rehearsal assumes of an athlete. These are conventions of a model, not measurements: where something is known of
 * the athlete it takes their place.
 */
export interface AthleteModel {
  /** Strength gained in a week of enough work, per cent. */
  readonly gain: number;
  /** Strength that a week at the ceiling costs for the time being, per cent; it grows steeply above it and is little below. */
  readonly wear: number;
  /** Share of that which is left a week later. */
  readonly lasting: number;
  /** How far their true floors and ceilings lie from the assumed ones, as a share (one deviation). */
  readonly landmarkSpread: number;
  /** How far their true strength lies from what is known at the start, as a share. */
  readonly strengthSpread: number;
  /** Good and bad days, as a share of strength. */
  readonly daySpread: number;
  /** Reps that one set differs from the next for no reason. */
  readonly setSpread: number;
  /** Reps lost from set to set for each one reckoned. */
  readonly drift: number;
  /** Reps left beyond those reported; negative: fewer. */
  readonly bias: number;
  /** Share of sessions that are missed. */
  readonly missed: number;
}

const GAINS: Readonly<Record<Level, number>> = { novice: 1.5, intermediate: 0.8, advanced: 0.4 };

/** The model of an athlete of whom nothing is known but their level. */
export function usualModel(level: Level): AthleteModel {
  return {
    gain: GAINS[level],
    wear: 1.5,
    lasting: 0.85,
    landmarkSpread: 0.2,
    strengthSpread: 0.02,
    daySpread: 0.02,
    setSpread: 0.4,
    drift: 1,
    bias: 0,
    missed: 0.03,
  };
}

/** What is known of an athlete that a rehearsal goes by in place of what it would assume. */
export interface Known {
  /** Reps left beyond those reported, where enough pairs say so. */
  readonly bias: number | null;
  /** Sessions done of those planned in weeks that are over. */
  readonly sessions: { readonly done: number; readonly planned: number } | null;
}

/** What is assumed of missed sessions weighs as much as so many that were planned. */
const ASSUMED_SESSIONS = 20;

/** The usual model with what is known of the athlete in its place. */
export function modelOf(level: Level, { bias, sessions }: Known): AthleteModel {
  const usual = usualModel(level);
  return {
    ...usual,
    bias: bias ?? usual.bias,
    missed:
      sessions === null
        ? usual.missed
        : (Math.max(0, sessions.planned - sessions.done) + ASSUMED_SESSIONS * usual.missed) /
          (sessions.planned + ASSUMED_SESSIONS),
  };
}
