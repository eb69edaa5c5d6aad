import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { findSlot, type Session, type Slot } from '../block/block';
import { driftPerSet } from '../effort/drift';
import { contribution, type Exercise } from '../exercises/exercise';
import { setCount } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { asPlanned, type CheckInput, type Fix } from './finding';
import { changeSets, slotsFor } from './slot-sets';

const EPSILON = 1e-9;

interface Candidate {
  readonly slot: Slot;
  readonly session: Session;
  readonly exercise: Exercise;
}

/** Direct slots of a muscle in sessions that count, best payoff first. */
function candidates(muscle: Muscle, input: CheckInput): readonly Candidate[] {
  return slotsFor(muscle, input).flatMap((slot): Candidate[] => {
    const session = findSlot(input.block, slot.id)?.session;
    if (session === undefined || session.optional) return [];
    return [{ slot, session, exercise: input.exerciseOf(asPlanned(slot)) }];
  });
}

/** Sets changed so far, and what follows for each muscle, session and the whole body: an estimate from the week as planned. */
class Reckoning {
  private readonly changed = new Map<string, number>();
  private readonly perWeek: number;

  constructor(
    private readonly all: readonly Candidate[],
    private readonly input: CheckInput,
  ) {
    this.perWeek = 7 / input.block.cycleDays;
  }

  of({ slot }: Candidate): number {
    return this.changed.get(slot.id) ?? 0;
  }

  change(one: Candidate, by: 1 | -1): void {
    this.changed.set(one.slot.id, this.of(one) + by);
  }

  /** How landmarks count a set of it. */
  private share(exercise: Exercise, muscle: Muscle): number {
    const share = contribution(exercise, muscle);
    return this.input.block.landmarks === 'fixed dose' && share < 1 ? 0 : share;
  }

  measured(muscle: Muscle): number {
    return this.all.reduce(
      (sum, one) => sum + this.of(one) * this.share(one.exercise, muscle) * this.perWeek,
      this.input.week.muscles[muscle].measured,
    );
  }

  hardSets(): number {
    return this.all.reduce((sum, one) => sum + this.of(one) * this.perWeek, this.input.week.hardSets);
  }

  credited(session: Session, muscle: Muscle): number {
    const planned = this.input.week.sessions.find(({ sessionId }) => sessionId === session.id);
    const now = (planned?.slots ?? []).reduce(
      (sum, slot) =>
        sum + slot.sets.filter(({ hard }) => hard).length * contribution(this.input.exerciseOf(slot), muscle),
      0,
    );
    return this.all
      .filter((one) => one.session.id === session.id)
      .reduce((sum, one) => sum + this.of(one) * contribution(one.exercise, muscle), now);
  }

  seconds(session: Session): number {
    const planned = this.input.week.sessions.find(({ sessionId }) => sessionId === session.id);
    return this.all
      .filter((one) => one.session.id === session.id)
      .reduce(
        (sum, one) => sum + this.of(one) * setCost(one.slot, one.exercise, this.input.conventions),
        planned?.seconds.high ?? 0,
      );
  }
}

/** Whether a slot's next set can be completed and counts: held reps leave less with every set. */
function takesAnother({ slot }: Candidate, added: number, input: CheckInput): boolean {
  const planned = input.week.sessions.flatMap(({ slots }) => slots).find(({ slotId }) => slotId === slot.id);
  const last = planned?.sets.at(-1);
  if (last === undefined || !last.hard) return false;
  return (
    slot.drift !== 'hold reps' || last.rir - (added + 1) * driftPerSet(slot.rest, input.conventions) >= 0
  );
}

/**
 * Sets added to direct work until a muscle reaches its floor, a set at a time where fewest are: only as far as no
 * ceiling, session dose, budget or time limit is passed that was kept.
 * @returns undefined where they cannot reach it
 */
export function addSets(muscle: Muscle, input: CheckInput): Fix | undefined {
  const all = candidates(muscle, input);
  const { conventions, week, athlete } = input;
  const reckoning = new Reckoning(all, input);
  const possible = (one: Candidate): boolean => {
    if (changeSets(one.slot, reckoning.of(one) + 1) === undefined) return false;
    if (!takesAnother(one, reckoning.of(one), input)) return false;
    reckoning.change(one, 1);
    const kept =
      reckoning.hardSets() <= week.budget + EPSILON &&
      reckoning.seconds(one.session) <= athlete.minutes * 60 &&
      MUSCLES.every(
        (each) =>
          contribution(one.exercise, each) === 0 ||
          (reckoning.measured(each) <= week.muscles[each].landmarks.ceiling + EPSILON &&
            reckoning.credited(one.session, each) <= conventions.sessionCap),
      );
    reckoning.change(one, -1);
    return kept;
  };
  while (reckoning.measured(muscle) + EPSILON < week.muscles[muscle].landmarks.floor) {
    const sets = (one: Candidate) => setCount(one.slot.technique) + reckoning.of(one);
    const [next] = all.filter(possible).sort((a, b) => sets(a) - sets(b));
    if (next === undefined) return undefined;
    reckoning.change(next, 1);
  }
  return asFix('add sets', all, reckoning);
}

/**
 * Sets taken from direct work until a muscle is within its ceiling in every week that can still change, worst payoff
 * first; no growing muscle falls below its floor by it.
 * @returns undefined where they cannot
 */
export function dropSets(muscle: Muscle, input: CheckInput): Fix | undefined {
  const all = [...candidates(muscle, input)].reverse();
  const reckoning = new Reckoning(all, input);
  const possible = (one: Candidate): boolean => {
    if (changeSets(one.slot, reckoning.of(one) - 1) === undefined) return false;
    reckoning.change(one, -1);
    const kept = MUSCLES.every((each) => {
      const { goal, landmarks, measured } = input.week.muscles[each];
      if (goal === 'hold' || contribution(one.exercise, each) === 0 || measured < landmarks.floor)
        return true;
      return reckoning.measured(each) + EPSILON >= landmarks.floor;
    });
    reckoning.change(one, 1);
    return kept;
  };
  const now = input.week.muscles[muscle].measured;
  const most = Math.max(
    ...input.blockPlan.weeks
      .filter(({ plan }) => plan.week >= input.week.week && plan.kind === 'building')
      .map(({ plan }) => plan.muscles[muscle].measured),
  );
  const { ceiling } = input.week.muscles[muscle].landmarks;
  while (reckoning.measured(muscle) + most - now > ceiling + EPSILON) {
    const next = all.find(possible);
    if (next === undefined) return undefined;
    reckoning.change(next, -1);
  }
  return asFix('drop sets', all, reckoning);
}

function asFix(
  does: 'add sets' | 'drop sets',
  all: readonly Candidate[],
  reckoning: Reckoning,
): Fix | undefined {
  const touched = all.filter((one) => reckoning.of(one) !== 0);
  const edits = touched.flatMap((one) => changeSets(one.slot, reckoning.of(one)) ?? []);
  const [first] = edits;
  if (first === undefined) return undefined;
  return {
    does,
    sets: touched.reduce((sum, one) => sum + Math.abs(reckoning.of(one)), 0),
    exerciseIds: [...new Set(touched.map(({ slot }) => slot.exercise.id))],
    edit: edits.length === 1 ? first : { kind: 'batch', edits },
  };
}
