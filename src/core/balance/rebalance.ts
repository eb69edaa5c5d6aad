import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { lacking, placeFor } from '../athlete/place';
import type { Session, Slot } from '../block/block';
import type { SingleEdit } from '../block/edit';
import { newSlot } from '../block/new-slot';
import { contribution, credits, type Exercise, payoff } from '../exercises/exercise';
import { isOpen } from '../exercises/open-exercise';
import { asPlanned, type CheckInput } from '../findings/finding';
import { setCount, setLimits, withSetCount } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { startingSets } from '../volume/landmarks';
import {
  type LinearProgram,
  type LinearRow,
  programText,
  type Solve,
  type Term,
  type Variable,
} from './linear';

/** What keeps a muscle from its target. */
export type Limit =
  | { readonly kind: 'time'; readonly session: string }
  | { readonly kind: 'session cap'; readonly session: string }
  | { readonly kind: 'budget' }
  | { readonly kind: 'slots full' }
  | { readonly kind: 'no slot' }
  | { readonly kind: 'ceiling'; readonly muscle: Muscle };

/** A muscle that cannot reach its target, by how much, and the limits in the way. */
export interface Shortfall {
  readonly muscle: Muscle;
  readonly short: number;
  readonly limits: readonly Limit[];
}

/** One thing of a proposal that can be taken by itself. */
export interface BalanceChange {
  readonly id: string;
  readonly sessionId: string;
  readonly slotId: string;
  readonly exerciseId: string;
  /** Sets before and after; before is 0 for a slot that is filled. */
  readonly from: number;
  readonly to: number;
  readonly fills: boolean;
  readonly edits: readonly SingleEdit[];
}

/** Weekly sets of a muscle before and after, and its target. */
export interface BalanceMuscle {
  readonly muscle: Muscle;
  readonly from: number;
  readonly to: number;
  readonly target: number;
}

export interface BalanceProposal {
  readonly changes: readonly BalanceChange[];
  readonly muscles: readonly BalanceMuscle[];
  readonly shortfalls: readonly Shortfall[];
}

export type BalanceInput = Pick<CheckInput, 'block' | 'athlete' | 'week' | 'exerciseOf' | 'conventions'> & {
  /** Exercises that open slots may be filled with. */
  readonly list: readonly Exercise[];
};

/** Most sets a slot is given; more of one exercise in a session is for the coach to write. */
const MOST_SETS = 6;
/** Candidates looked at for an open slot, the best first. */
const CANDIDATES = 12;
/**
 * Prices: what takes a growing muscle further from its target than it is outweighs everything; then a set below target,
 * a priority muscle's twice; then each set that changes.
 */
const PRICE = { loss: 50_000, short: 1000, priority: 2000, over: 400, change: 1, fill: 0.05 };
const EPSILON = 1e-6;

/** A slot as the program sees it: one exercise with a number of sets to choose. */
interface Choice {
  readonly session: Session;
  readonly slot: Slot;
  readonly exercise: Exercise;
  /** Name of the variable of its sets. */
  readonly sets: string;
  /** Name of the variable that says whether a candidate fills its slot; null for a slot that has its exercise. */
  readonly taken: string | null;
  readonly least: number;
  readonly most: number;
  readonly now: number;
  /** Sets that answers have added to what is written. */
  readonly added: number;
  /** Hard sets that one of its sets counts for, before the muscle's share. */
  readonly credit: number;
  /** Seconds of one set with its rest. */
  readonly seconds: number;
}

/** Sets of a slot in the week in hand: as written, with what answers have added. */
function plannedSets(slot: Slot, { week }: BalanceInput): number {
  const planned = week.sessions.flatMap(({ slots }) => slots).find(({ slotId }) => slotId === slot.id);
  const written = setCount(slot.technique);
  if (planned === undefined || planned.why.sets.code !== 'sets/response') return written;
  return Math.max(written, planned.why.sets.sets);
}

function creditOf(slot: Slot, { week }: BalanceInput): number {
  const planned = week.sessions.flatMap(({ slots }) => slots).find(({ slotId }) => slotId === slot.id);
  const sets = planned?.sets.filter(({ optional }) => !optional) ?? [];
  const rounds = new Set(sets.map(({ round }) => round)).size;
  if (rounds === 0) return 1;
  return sets.reduce((sum, { credit }) => sum + credit, 0) / rounds;
}

/** Exercises that may fill an open slot: its pattern, what the place has, sparing irritated joints, not yet in the session. */
function candidatesFor(slot: Slot, session: Session, input: BalanceInput): readonly Exercise[] {
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
        !isOpen(one) &&
        !used.has(one.id) &&
        lacking(one, place).length === 0 &&
        !one.joints.some((joint) => irritated.has(joint)),
    )
    .sort((a, b) => needed(b) - needed(a) || payoff(b) - payoff(a) || a.name.localeCompare(b.name))
    .slice(0, CANDIDATES);
}

function choicesOf(input: BalanceInput): readonly Choice[] {
  const { block, exerciseOf, conventions } = input;
  const choices: Choice[] = [];
  for (const session of block.sessions) {
    if (session.optional) continue;
    for (const slot of session.slots) {
      const exercise = exerciseOf(asPlanned(slot));
      const k = choices.length;
      if (!isOpen(exercise)) {
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
          credit: creditOf(slot, input),
          seconds: setCost(slot, exercise, conventions),
        });
        continue;
      }
      for (const [at, candidate] of candidatesFor(slot, session, input).entries()) {
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

interface Model {
  readonly program: LinearProgram;
  readonly choices: readonly Choice[];
  readonly targets: ReadonlyMap<Muscle, number>;
}

/** Seconds of a session that its sets do not account for: warm-ups, change-over. */
function fixedSeconds(session: Session, choices: readonly Choice[], { week }: BalanceInput): number {
  const planned = week.sessions.find(({ sessionId }) => sessionId === session.id);
  const sets = choices
    .filter((one) => one.session.id === session.id)
    .reduce((total, { now, seconds }) => total + now * seconds, 0);
  return Math.max(0, (planned?.seconds.high ?? 0) - sets);
}

function model(input: BalanceInput): Model {
  const { block, athlete, week, conventions } = input;
  const perWeek = 7 / block.cycleDays;
  const choices = choicesOf(input);
  const targets = new Map<Muscle, number>();
  const minimise: Term[] = [];
  const rows: LinearRow[] = [];
  const variables: Variable[] = [];
  const term = (variable: string, factor: number): Term => ({ variable, factor });
  const real = (name: string) => variables.push({ name, least: 0, most: null, whole: false });

  for (const { sets, taken, least, most, now, exercise } of choices) {
    variables.push({ name: sets, least: taken === null ? least : 0, most, whole: true });
    if (taken !== null) {
      variables.push({ name: taken, least: 0, most: 1, whole: true });
      rows.push({ name: `need_${sets}`, terms: [term(sets, 1), term(taken, -most)], most: 0 });
      rows.push({ name: `some_${sets}`, terms: [term(sets, 1), term(taken, -least)], least: 0 });
      minimise.push(term(sets, PRICE.change), term(taken, PRICE.fill * (6 - payoff(exercise))));
      continue;
    }
    const [up, down] = [`u_${sets}`, `d_${sets}`];
    real(up);
    real(down);
    const moved = [term(sets, 1), term(up, -1), term(down, 1)];
    rows.push({ name: `move_${sets}`, terms: moved, least: now, most: now });
    minimise.push(term(up, PRICE.change), term(down, PRICE.change));
  }

  const open = new Map<string, Choice[]>();
  for (const choice of choices) {
    if (choice.taken !== null) open.set(choice.slot.id, [...(open.get(choice.slot.id) ?? []), choice]);
  }
  [...open.values()].forEach((list, at) => {
    const terms = list.map(({ taken }) => term(taken as string, 1));
    rows.push({ name: `one_${at}`, terms, least: 1, most: 1 });
  });
  // One exercise fills at most one open slot of a session.
  const twice = new Map<string, Term[]>();
  for (const { session, exercise, taken } of choices) {
    const key = `${session.id}/${exercise.id}`;
    if (taken !== null) twice.set(key, [...(twice.get(key) ?? []), term(taken, 1)]);
  }
  [...twice.values()].forEach((terms, at) => {
    if (terms.length > 1) rows.push({ name: `once_${at}`, terms, most: 1 });
  });

  MUSCLES.forEach((muscle, at) => {
    const { goal, landmarks } = week.muscles[muscle];
    const terms = choices.flatMap(({ sets, exercise, credit }) => {
      const share = contribution(exercise, muscle) * credit * perWeek;
      return share === 0 ? [] : [term(sets, share)];
    });
    if (terms.length > 0) {
      const over = `over_${at}`;
      real(over);
      minimise.push(term(over, PRICE.over));
      rows.push({ name: `ceiling_${at}`, terms: [...terms, term(over, -1)], most: landmarks.ceiling });
    }
    if (goal === 'hold') return;
    const target = Math.min(startingSets(landmarks, goal), landmarks.ceiling);
    targets.set(muscle, target);
    const short = `short_${at}`;
    real(short);
    minimise.push(term(short, goal === 'priority' ? PRICE.priority : PRICE.short));
    rows.push({ name: `target_${at}`, terms: [...terms, term(short, 1)], least: target });
    // One muscle is not fed from another that needs its sets itself.
    const now = choices.reduce(
      (sum, one) => sum + contribution(one.exercise, muscle) * one.credit * one.now * perWeek,
      0,
    );
    if (now === 0) return;
    const loss = `loss_${at}`;
    real(loss);
    minimise.push(term(loss, PRICE.loss));
    rows.push({ name: `kept_${at}`, terms: [...terms, term(loss, 1)], least: Math.min(now, target) });
  });

  for (const [at, session] of block.sessions.entries()) {
    const here = choices.filter((one) => one.session.id === session.id);
    if (here.length === 0) continue;
    const planned = week.sessions.find(({ sessionId }) => sessionId === session.id);
    // A session that is too long already is not made longer.
    const limit =
      Math.max(athlete.minutes * 60, planned?.seconds.high ?? 0) - fixedSeconds(session, choices, input);
    rows.push({
      name: `time_${at}`,
      terms: here.map(({ sets, seconds }) => term(sets, seconds)),
      most: limit,
    });
    MUSCLES.forEach((muscle, k) => {
      const terms = here.flatMap(({ sets, exercise, credit }) => {
        const share = contribution(exercise, muscle) * credit;
        return share === 0 ? [] : [term(sets, share)];
      });
      const now = here.reduce(
        (sum, one) => sum + contribution(one.exercise, muscle) * one.credit * one.now,
        0,
      );
      if (terms.length > 0)
        rows.push({ name: `cap_${at}_${k}`, terms, most: Math.max(conventions.sessionCap, now) });
    });
  }
  rows.push({
    name: 'budget',
    terms: choices.map(({ sets, credit }) => term(sets, credit * perWeek)),
    most: Math.max(week.budget, week.hardSets),
  });
  return { program: { minimise, rows, variables }, choices, targets };
}

/** The program of a week as text, for solvers and benchmarks. */
export function balanceProgram(input: BalanceInput): string {
  return programText(model(input).program);
}

/** Which limits bind for a muscle that stays short. */
function limitsOf(
  muscle: Muscle,
  { choices, program }: Model,
  values: Readonly<Record<string, number>>,
  input: BalanceInput,
): readonly Limit[] {
  const mine = choices.filter(
    ({ exercise, taken }) =>
      contribution(exercise, muscle) > 0 && (taken === null || (values[taken] ?? 0) > 0.5),
  );
  if (mine.length === 0) return [{ kind: 'no slot' }];
  const room = mine.filter(({ sets, most }) => (values[sets] ?? 0) < most - EPSILON);
  if (room.length === 0) return [{ kind: 'slots full' }];
  const rows = new Map(program.rows.map((row) => [row.name, row]));
  const left = (name: string) => {
    const row = rows.get(name);
    if (row?.most === undefined) return Number.POSITIVE_INFINITY;
    return (
      row.most - row.terms.reduce((sum, { variable, factor }) => sum + factor * (values[variable] ?? 0), 0)
    );
  };
  const limits = new Map<string, Limit>();
  const add = (key: string, limit: Limit) => limits.set(key, limit);
  for (const choice of room) {
    const at = input.block.sessions.indexOf(choice.session);
    const { name } = choice.session;
    if (left(`time_${at}`) < choice.seconds - EPSILON) add(`time/${at}`, { kind: 'time', session: name });
    for (const [other, share] of credits(choice.exercise)) {
      const k = MUSCLES.indexOf(other);
      if (left(`cap_${at}_${k}`) < share * choice.credit - EPSILON)
        add(`cap/${at}`, { kind: 'session cap', session: name });
      if (left(`ceiling_${k}`) < share * choice.credit - EPSILON)
        add(`ceiling/${other}`, { kind: 'ceiling', muscle: other });
    }
  }
  if (left('budget') < 1 - EPSILON) add('budget', { kind: 'budget' });
  return [...limits.values()];
}

function changeOf(choice: Choice, to: number): BalanceChange {
  const { session, slot, exercise, taken, now, added } = choice;
  const fills = taken !== null;
  const made = fills ? newSlot(slot.id, exercise) : slot;
  const technique = withSetCount(made.technique, to - added);
  const head = { kind: 'slot/set', slot: slot.id } as const;
  return {
    id: slot.id,
    sessionId: session.id,
    slotId: slot.id,
    exerciseId: exercise.id,
    from: now,
    to,
    fills,
    edits: [
      ...(fills
        ? ([
            { ...head, field: 'exercise', value: made.exercise },
            { ...head, field: 'variant', value: null },
            { ...head, field: 'tempo', value: made.tempo },
          ] as const)
        : []),
      { ...head, field: 'technique', value: technique },
    ],
  };
}

/**
 * Chooses sets for every slot, and exercises for open ones, so that every growing muscle meets its weekly target within
 * time, per-session caps, ceilings, budget, equipment and joints, changing as little as possible of what is written. No
 * growing muscle is taken further from its target for another's sake.
 * Where that cannot be, the nearest there is, with the limits that stand in the way of each muscle.
 *
 * @returns null where the solver finds nothing at all: an open slot for which the place has no exercise
 */
export async function rebalance(input: BalanceInput, solve: Solve): Promise<BalanceProposal | null> {
  const made = model(input);
  const values = await solve(programText(made.program));
  if (values === null) return null;
  const perWeek = 7 / input.block.cycleDays;
  const setsOf = ({ sets }: Choice) => Math.round(values[sets] ?? 0);
  const chosen = made.choices.filter(({ taken }) => taken === null || (values[taken] ?? 0) > 0.5);
  const total = (muscle: Muscle, of: (choice: Choice) => number) =>
    chosen.reduce(
      (sum, choice) => sum + contribution(choice.exercise, muscle) * choice.credit * of(choice) * perWeek,
      0,
    );
  return {
    changes: chosen
      .filter((choice) => setsOf(choice) !== choice.now)
      .map((choice) => changeOf(choice, setsOf(choice))),
    muscles: MUSCLES.map((muscle) => ({
      muscle,
      from: total(muscle, ({ now }) => now),
      to: total(muscle, setsOf),
      target: made.targets.get(muscle) ?? 0,
    })),
    shortfalls: [...made.targets].flatMap(([muscle, target]): Shortfall[] => {
      const short = target - total(muscle, setsOf);
      return short <= EPSILON ? [] : [{ muscle, short, limits: limitsOf(muscle, made, values, input) }];
    }),
  };
}
