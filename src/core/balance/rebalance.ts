import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { SingleEdit } from '../block/edits/edit';
import { newSlot } from '../block/new-slot';
import { contribution, credits } from '../exercises/exercise';
import { withSetCount } from '../techniques/registry';
import { type BalanceInput, type Choice, weeklySets } from './choices';
import { programText, type Solve } from './linear';
import { balanceProgram, type Model } from './model';

/** What keeps a muscle below its target. */
export type Limit =
  | { readonly kind: 'time'; readonly session: string }
  | { readonly kind: 'session cap'; readonly session: string }
  | { readonly kind: 'budget' }
  | { readonly kind: 'slots full' }
  | { readonly kind: 'no slot' }
  | { readonly kind: 'ceiling'; readonly muscle: Muscle };

/** A muscle that cannot reach its target, by how many sets, and the limits in the way. */
export interface Shortfall {
  readonly muscle: Muscle;
  readonly short: number;
  readonly limits: readonly Limit[];
}

/** A part of a proposal that can be applied by itself. */
export interface BalanceChange {
  readonly id: string;
  readonly sessionId: string;
  readonly slotId: string;
  readonly exerciseId: string;
  /** Sets before and after; before is 0 for a slot being filled. */
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

const EPSILON = 1e-6;

/** The limits that apply to a muscle below target. */
function bindingLimits(
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

function proposedChange(choice: Choice, to: number): BalanceChange {
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
 * Chooses sets for every slot, and exercises for open ones, so that every growing muscle meets its weekly target
 * within time, per-session caps, maximums, budget, equipment and joints, with as few changes as possible. If that is
 * impossible: the nearest solution, with the limits in each muscle's way. No growing muscle moves further from its
 * target for another's sake.
 * @returns null if there is no solution at all: an open slot for which the place has no exercise
 */
export async function rebalance(input: BalanceInput, solve: Solve): Promise<BalanceProposal | null> {
  const made = balanceProgram(input);
  const values = await solve(programText(made.program));
  if (values === null) return null;
  const setsOf = ({ sets }: Choice) => Math.round(values[sets] ?? 0);
  const chosen = made.choices.filter(({ taken }) => taken === null || (values[taken] ?? 0) > 0.5);
  const total = (muscle: Muscle, of: (choice: Choice) => number) =>
    weeklySets(muscle, chosen, input.block.cycleDays, of);
  return {
    changes: chosen
      .filter((choice) => setsOf(choice) !== choice.now)
      .map((choice) => proposedChange(choice, setsOf(choice))),
    muscles: MUSCLES.map((muscle) => ({
      muscle,
      from: total(muscle, ({ now }) => now),
      to: total(muscle, setsOf),
      target: made.targets.get(muscle) ?? 0,
    })),
    shortfalls: [...made.targets].flatMap(([muscle, target]): Shortfall[] => {
      const short = target - total(muscle, setsOf);
      return short <= EPSILON ? [] : [{ muscle, short, limits: bindingLimits(muscle, made, values, input) }];
    }),
  };
}
