import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { factsHash } from '../hash';
import type { LadderWeek, Proposal } from './ladder';
import type { Observation } from './responses';
import type { StandingAnswers } from './standing-answers';

/** RIR at or below which a week is hard, and how many of them running make a deload likelier. */
const HARD_RIR = 1;
const HARD_WEEKS = 2;

export function deloadSubject(week: number): string {
  return `deload/${week}`;
}

/**
 * The whole-body deload for the next week when half or more of the growing muscles are behind, recovering or at their
 * ceiling.
 * @param observations of the week just done
 * @param next the week it would lighten
 * @param done building weeks so far, in order
 */
export function deloadProposal(
  observations: readonly Observation[],
  next: LadderWeek,
  done: readonly LadderWeek[],
  answers: StandingAnswers,
): Proposal | null {
  const growing = MUSCLES.filter((muscle) => {
    const { goal, sets } = next.muscles[muscle];
    return goal !== 'hold' && sets > 0;
  });
  const behind = (muscle: Muscle) =>
    observations.filter((one) => one.muscle === muscle).at(-1)?.performance.verdict === 'behind';
  const atCeiling = (muscle: Muscle) => {
    const { measured, landmarks } = next.muscles[muscle];
    return measured >= landmarks.ceiling;
  };
  const counts = {
    behind: growing.filter(behind).length,
    recovering: growing.filter((muscle) => !behind(muscle) && answers.recovers([muscle], next.week)).length,
    atCeiling: growing.filter(
      (muscle) => !behind(muscle) && !answers.recovers([muscle], next.week) && atCeiling(muscle),
    ).length,
  };
  const worn = counts.behind + counts.recovering + counts.atCeiling;
  if (growing.length === 0 || worn * 2 < growing.length) return null;
  const building = done.filter(({ kind }) => kind === 'building');
  const hard = building.slice(-HARD_WEEKS).filter(({ rir }) => rir <= HARD_RIR).length;
  const subject = deloadSubject(next.week);
  return {
    kind: 'deload',
    id: `${subject}/${factsHash([counts.behind, counts.recovering, counts.atCeiling, growing.length])}`,
    subject,
    week: next.week,
    why: { code: 'whole-body-deload', ...counts, growing: growing.length, hardWeeks: hard },
  };
}
