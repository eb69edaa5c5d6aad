import type { Level } from '../athlete/athlete';

/**
 * The simulation's assumptions about an athlete. They are a model's conventions, not measurements: known facts about
 * the athlete replace them.
 */
export interface AthleteModel {
  /** Strength gained per week of sufficient work, per cent. */
  readonly gain: number;
  /** Temporary strength loss from a week at the maximum, per cent; it grows steeply above and is small below. */
  readonly wear: number;
  /** Share of that loss left a week later. */
  readonly lasting: number;
  /** How far true minimums and maximums are from the assumed ones, as a share (one standard deviation). */
  readonly landmarkSpread: number;
  /** How far true strength is from the known strength at the start, as a share. */
  readonly strengthSpread: number;
  /** Day-to-day variation, as a share of strength. */
  readonly daySpread: number;
  /** Random variation between sets, in reps. */
  readonly setSpread: number;
  /** Reps lost from set to set, per rep assumed. */
  readonly drift: number;
  /** Reps left beyond the reported ones; negative: fewer. */
  readonly bias: number;
  /** Share of sessions missed. */
  readonly missed: number;
}

const GAINS: Readonly<Record<Level, number>> = { novice: 1.5, intermediate: 0.8, advanced: 0.4 };

/** The model for an athlete known only by level. */
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

/** Known facts about an athlete that replace a simulation's assumptions. */
export interface Known {
  /** Reps left beyond the reported ones, if enough pairs show it. */
  readonly bias: number | null;
  /** Sessions done of those planned in finished weeks. */
  readonly sessions: { readonly done: number; readonly planned: number } | null;
}

/** Weight of the assumption about missed sessions, in planned sessions. */
const ASSUMED_SESSIONS = 20;

/** The default model with known facts about the athlete. */
export function athleteModel(level: Level, { bias, sessions }: Known): AthleteModel {
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
