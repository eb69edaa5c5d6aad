import type { Muscle } from '../anatomy/muscle';
import { missingEquipment, placeFor } from '../athlete/place';
import type { Session, Slot } from '../block/block';
import { newSlot } from '../block/new-slot';
import { contribution, credits, type Exercise, payoff } from '../exercises/exercise';
import { isUnfilled } from '../exercises/unfilled-exercise';
import { asPlanned, type CheckInput } from '../findings/finding';
import { totalCredit } from '../plan/working-sets';
import { setCount, setLimits } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { startingSets } from '../volume/landmarks';

export type BalanceInput = Pick<
  CheckInput,
  'block' | 'athlete' | 'week' | 'exerciseOf' | 'conventions' | 'near'
> & {
  /** Exercises that may fill open slots. */
  readonly list: readonly Exercise[];
};

/** Most sets given to a slot; only the coach may write more of one exercise in a session. */
const MOST_SETS = 6;
/** Candidates considered for an open slot, best first. */
const CANDIDATES = 12;

/** A slot as the program sees it: an exercise with a number of sets to choose. */
export interface Choice {
  readonly session: Session;
  readonly slot: Slot;
  readonly exercise: Exercise;
  /** Variable for its sets. */
  readonly sets: string;
  /** Variable that says whether a candidate fills its slot; null for a slot with an exercise. */
  readonly taken: string | null;
  readonly least: number;
  readonly most: number;
  readonly now: number;
  /** Sets added by answers to the written ones. */
  readonly added: number;
  /** Hard sets that one set counts for, before the muscle's share. */
  readonly credit: number;
  /** Seconds of one set with its rest. */
  readonly seconds: number;
}

/** Sets of a slot in the week concerned: the written ones and those added by answers. */
function plannedSets(slot: Slot, { week }: BalanceInput): number {
  const planned = week.sessions.flatMap(({ slots }) => slots).find(({ slotId }) => slotId === slot.id);
  const written = setCount(slot.technique);
  if (planned === undefined || planned.why.sets.code !== 'sets/response') return written;
  return Math.max(written, planned.why.sets.sets);
}

function creditPerSet(slot: Slot, { week }: BalanceInput): number {
  const planned = week.sessions.flatMap(({ slots }) => slots).find(({ slotId }) => slotId === slot.id);
  const sets = planned?.sets.filter(({ optional }) => !optional) ?? [];
  const rounds = new Set(sets.map(({ round }) => round)).size;
  if (rounds === 0) return 1;
  return totalCredit(sets) / rounds;
}

/**
 * Exercises that may fill an open slot: of its pattern, possible at the place, without irritated joints, not yet in
 * the session.
 */
function openSlotCandidates(slot: Slot, session: Session, input: BalanceInput): readonly Exercise[] {
  const { athlete, exerciseOf, list, week } = input;
  const { pattern } = exerciseOf(asPlanned(slot));
  const place = placeFor(athlete, session.place);
  const irritated = new Set(athlete.joints.map(({ joint }) => joint));
  const used = new Set(session.slots.map(({ exercise }) => exercise.id));
  const needed = (exercise: Exercise) =>
    credits(exercise).reduce((sum, [muscle, share]) => {
      const { goal, measured, landmarks } = week.muscles[muscle];
      const short = goal === 'hold' ? 0 : Math.max(0, startingSets(landmarks, goal) - measured);
      return sum + share * Math.min(3, short);
    }, 0);
  return list
    .filter(
      (one) =>
        one.pattern === pattern &&
        one.measure !== 'seconds' &&
        !isUnfilled(one) &&
        !used.has(one.id) &&
        missingEquipment(one, place).length === 0 &&
        !one.joints.some((joint) => irritated.has(joint)),
    )
    .sort((a, b) => needed(b) - needed(a) || payoff(b) - payoff(a) || a.name.localeCompare(b.name))
    .slice(0, CANDIDATES);
}

/** The choices: sets for every slot with an exercise; candidates and their sets for open slots. */
export function balanceChoices(input: BalanceInput): readonly Choice[] {
  const { block, exerciseOf, conventions } = input;
  const choices: Choice[] = [];
  for (const session of block.sessions) {
    if (session.optional) continue;
    for (const slot of session.slots) {
      const exercise = exerciseOf(asPlanned(slot));
      const k = choices.length;
      if (!isUnfilled(exercise)) {
        const limits = setLimits(slot.technique);
        const now = plannedSets(slot, input);
        const added = now - setCount(slot.technique);
        choices.push({
          session,
          slot,
          exercise,
          sets: `x${k}`,
          taken: null,
          least: limits.least + Math.max(0, added),
          most: Math.max(now, Math.min(limits.most, MOST_SETS)),
          now,
          added,
          credit: creditPerSet(slot, input),
          seconds: setCost(slot, exercise, conventions),
        });
        continue;
      }
      for (const [at, candidate] of openSlotCandidates(slot, session, input).entries()) {
        const filled = { ...newSlot(slot.id, candidate), range: slot.range, rest: slot.rest };
        choices.push({
          session,
          slot,
          exercise: candidate,
          sets: `x${k}_${at}`,
          taken: `y${k}_${at}`,
          least: 1,
          most: MOST_SETS,
          now: 0,
          added: 0,
          credit: 1,
          seconds: setCost(filled, candidate, conventions),
        });
      }
    }
  }
  return choices;
}

/** Weekly hard sets of a muscle, given the sets of each choice. */
export function weeklySets(
  muscle: Muscle,
  choices: readonly Choice[],
  cycleDays: number,
  setsOf: (choice: Choice) => number,
): number {
  const cycle = choices.reduce(
    (sum, choice) => sum + contribution(choice.exercise, muscle) * choice.credit * setsOf(choice),
    0,
  );
  return (cycle * 7) / cycleDays;
}
