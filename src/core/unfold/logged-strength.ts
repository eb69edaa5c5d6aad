import { isEasy } from '../effort/easy';
import { meanRelief } from '../loading/carried';
import { valueIn } from '../loading/weight';
import type { LoggedSet } from '../log/log';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import type { Performed } from '../plan/week-state';
import { isAtMost } from '../rounding';
import { banksReps, techniqueParts } from '../techniques/registry';
import { lighterBy, reachOfRound } from '../techniques/stamina';
import { type Estimating, type SlotFacts, type StrengthEstimate, strengthOf } from './slot-facts';

/** RIR by which a set ends closer to failure than asked, from which it counts as harder. */
export const HARDER_RIR = 1;

/**
 * Strength from the first set or round logged in a week; null if it was another exercise, moved nothing, or was easy.
 * @param before the strength known until then
 */
export function loggedStrength(
  facts: SlotFacts,
  before: StrengthEstimate | null,
  planned: SlotPlan,
  performed: Performed,
  week: number,
): StrengthEstimate | null {
  const { estimating } = facts;
  const [first] = planned.sets;
  const logged = first && performed.sets.get(`${planned.slotId}/${first.id}`)?.set;
  if (first === undefined || logged === undefined || logged.exerciseId !== facts.exercise.id) return null;
  const done = { load: valueIn(facts.grid.unit, logged.load), reps: logged.reps, rir: logged.rir };
  const round = loggedRound(facts, planned, performed);
  if (isEasy(round?.at(-1)?.logged.rir ?? done.rir)) return null;
  const reached =
    round === null
      ? { ...done, rir: rirBeforeSections(planned, done.rir, estimating) }
      : { ...done, rir: roundReach(facts, round, estimating) - done.reps };
  // With the bands of that week, which may have changed since.
  const carried = facts.carried + meanRelief(facts.relief) - meanRelief(planned.relief ?? 0);
  const oneRepMax = strengthOf({ exercise: facts.exercise, carried }, reached, estimating);
  if (oneRepMax === undefined) return null;
  return {
    week,
    source: { kind: 'logged', week, ...done },
    oneRepMax: cappedStrength(before, logged, oneRepMax),
    ...(isMissed(planned, round ?? [{ set: first, logged }]) ? { isMissed: true } : {}),
  };
}

/** Whether a set fell short of what was asked: in reps, or by a rep or more in reserve. */
function isMissed({ technique }: SlotPlan, pieces: readonly LoggedPiece[]): boolean {
  if (pieces.some(({ set, logged }) => logged.reps < set.reps)) return true;
  const last = pieces.at(-1);
  return last !== undefined && !banksReps(technique) && isAtMost(last.logged.rir, last.set.rir - HARDER_RIR);
}

/** Reps left after a set's first section: what followed came from the same capacity, less what breaths gave back. */
function rirBeforeSections({ technique }: SlotPlan, rir: number, { conventions }: Estimating): number {
  const [part] = techniqueParts(technique);
  return part?.minis === undefined ? (part?.leadRir?.(rir, conventions.roundBack) ?? rir) : rir;
}

interface LoggedPiece {
  readonly set: SetPlan;
  readonly logged: LoggedSet;
}

/**
 * The parts of a slot's first round as logged; null if it is a single set, not all of it was logged, or its load
 * drops: reps left after a drop say little about the first load.
 */
function loggedRound(
  { exercise }: SlotFacts,
  { slotId, sets }: SlotPlan,
  performed: Performed,
): readonly LoggedPiece[] | null {
  const pieces = sets.filter(({ round }) => round === sets[0]?.round);
  if (pieces.length < 2 || pieces.some(({ load }) => load !== pieces[0]?.load)) return null;
  const logged = pieces.flatMap((set) => {
    const done = performed.sets.get(`${slotId}/${set.id}`)?.set;
    return done === undefined || done.exerciseId !== exercise.id ? [] : [{ set, logged: done }];
  });
  return logged.length === pieces.length ? logged : null;
}

/** Reps to failure at the start of a logged round, from the reps left at its end. */
function roundReach(
  { away }: SlotFacts,
  round: readonly LoggedPiece[],
  { curve, conventions }: Estimating,
): number {
  const [first, ...others] = round;
  const minis = others.map(({ set, logged }, at) => ({
    reps: logged.reps,
    pause: (round[at] as LoggedPiece).set.rest,
    away: away ?? 0,
    share: 1,
    manner: set.manner,
  }));
  const end = round.at(-1)?.logged.rir ?? 0;
  const lead = { reps: first?.logged.reps ?? 0, lighter: lighterBy(curve), back: conventions.roundBack };
  return reachOfRound(lead, minis, end);
}

/** The strength shown by an unclean set: never more than was known before. */
function cappedStrength(before: StrengthEstimate | null, { more }: LoggedSet, oneRepMax: number): number {
  return more?.unclean === true && before !== null ? Math.min(before.oneRepMax, oneRepMax) : oneRepMax;
}
