import type { Muscle } from '../anatomy/muscle';
import type { Conventions } from '../conventions/conventions';
import { credits } from '../exercises/exercise';
import { haveSameFields, Memo } from '../memo';
import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { CREDITING } from '../volume/credit';
import type { Crediting } from '../volume/schools';
import { type Planner, plannedExercise } from './planner';

/** What an exercise counts toward a muscle. */
export interface Credited {
  readonly exerciseId: string;
  readonly contribution: number;
  readonly sets: number;
  readonly credit: number;
}

/** What a session counts toward a muscle. */
interface MuscleCredit {
  /** By the block's counting. */
  total: number;
  fractional: number;
  direct: number;
  readonly parts: Credited[];
}

/** What a slot's sets in one variant count toward a muscle. */
interface Given {
  readonly muscle: Muscle;
  readonly part: Credited;
}

interface SlotCredit {
  /** Sets that count, whatever they train. */
  readonly performed: number;
  readonly gives: readonly Given[];
}

export interface SessionCredit {
  /** Sets that count, whatever they train. */
  readonly performed: number;
  readonly muscles: ReadonlyMap<Muscle, Readonly<MuscleCredit>>;
}

/**
 * A planned session's credit to every muscle it trains, by the block's counting; deload weeks show what is performed.
 */
export function sessionCredit(
  planner: Pick<Planner, 'exercises' | 'conventions'>,
  session: SessionPlan,
  crediting: Crediting,
  kind: 'building' | 'deload',
  memo: Memo = new Memo(0),
): SessionCredit {
  const slots = session.slots.map((slot) => {
    const own = memo.part(slot.slotId);
    return own.call('credit of', slotCredit, own, planner, slot, crediting, kind);
  });
  return memo.call('credit', summedUp, ...slots);
}

function summedUp(...slots: readonly SlotCredit[]): SessionCredit {
  const muscles = new Map<Muscle, MuscleCredit>();
  let performed = 0;
  for (const slot of slots) {
    performed += slot.performed;
    for (const { muscle, part } of slot.gives) {
      let sum = muscles.get(muscle);
      if (sum === undefined) {
        sum = { total: 0, fractional: 0, direct: 0, parts: [] };
        muscles.set(muscle, sum);
      }
      sum.total += part.credit;
      sum.fractional += part.sets * part.contribution;
      if (part.contribution === 1) sum.direct += part.sets;
      sum.parts.push(part);
    }
  }
  return { performed, muscles };
}

function slotCredit(
  memo: Memo,
  planner: Pick<Planner, 'exercises' | 'conventions'>,
  slot: SlotPlan,
  crediting: Crediting,
  kind: 'building' | 'deload',
): SlotCredit {
  const { exerciseId } = slot;
  const gives: Given[] = [];
  let performed = 0;
  for (const [variant, sets] of byVariant(slot)) {
    let counts = 0;
    for (const set of sets) counts += countOf(set, kind);
    performed += counts;
    for (const [muscle, contribution] of credits(plannedExercise(planner, slot, variant))) {
      let credit = 0;
      sets.forEach((set, at) => {
        if (crediting === 'near-failure reps' && sets[at + 1]?.round === set.round) return;
        credit += setCredit(set, contribution, crediting, kind, planner.conventions);
      });
      if (counts === 0 && credit === 0) continue;
      gives.push({ muscle, part: { exerciseId, contribution, sets: counts, credit } });
    }
  }
  // Most changes of a slot do not change its credit, so the results that depend on it are kept.
  return memo.same('credit', { performed, gives }, isSameCredit);
}

function isSameCredit(a: SlotCredit, b: SlotCredit): boolean {
  if (a === b) return true;
  if (a.performed !== b.performed || a.gives.length !== b.gives.length) return false;
  return a.gives.every(({ muscle, part }, at) => {
    const other = b.gives[at] as Given;
    return muscle === other.muscle && haveSameFields(part, other.part);
  });
}

/** The credit of a set in this week, whatever it trains; deload weeks show what is performed. */
function countOf(
  { credit, piece, optional, role }: Pick<SetPlan, 'credit' | 'piece' | 'optional' | 'role'>,
  kind: 'building' | 'deload',
): number {
  if (kind === 'building') return credit;
  return piece === 1 && !optional && role !== 'easy' ? 1 : 0;
}

/** What a set counts toward a muscle in this week. */
function setCredit(
  set: Pick<SetPlan, 'reps' | 'rir' | 'predictedRir' | 'credit' | 'piece' | 'optional' | 'role'>,
  share: number,
  crediting: Crediting,
  kind: 'building' | 'deload',
  conventions: Conventions,
): number {
  const { reps, predictedRir, rir } = set;
  const credit = crediting === 'near-failure reps' && kind === 'building' ? set.credit : countOf(set, kind);
  return set.optional
    ? 0
    : CREDITING[crediting]({ credit, reps, rir: predictedRir ?? rir }, share, conventions);
}

/** A slot's sets by variant; null is the slot's own. */
function byVariant(slot: SlotPlan): Iterable<readonly [string | null, readonly SetPlan[]]> {
  if (slot.sets.every(({ variant }) => variant === null)) return [[null, slot.sets]];
  const groups = new Map<string | null, SetPlan[]>();
  for (const set of slot.sets) {
    const group = groups.get(set.variant);
    if (group === undefined) groups.set(set.variant, [set]);
    else group.push(set);
  }
  return groups;
}
