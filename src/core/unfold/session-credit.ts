import type { Muscle } from '../anatomy/muscle';
import type { Conventions } from '../conventions/conventions';
import { credits } from '../exercises/exercise';
import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { CREDITING } from '../volume/credit';
import type { Crediting } from '../volume/schools';
import { type Planner, plannedExercise } from './planner';

/** What an exercise gives a muscle. */
export interface Credited {
  readonly exerciseId: string;
  readonly contribution: number;
  readonly sets: number;
  readonly credit: number;
}

/** What a session gives a muscle. */
interface MuscleCredit {
  /** As the block's school credits. */
  total: number;
  fractional: number;
  direct: number;
  readonly parts: Credited[];
}

export interface SessionCredit {
  /** Sets that count, whatever they train. */
  readonly performed: number;
  readonly muscles: ReadonlyMap<Muscle, Readonly<MuscleCredit>>;
}

/** Credit of a planned session to every muscle it trains, as the school has it; deload weeks show what is performed. */
export function sessionCredit(
  planner: Pick<Planner, 'exercises' | 'conventions'>,
  session: SessionPlan,
  crediting: Crediting,
  kind: 'building' | 'deload',
): SessionCredit {
  const { conventions } = planner;
  const muscles = new Map<Muscle, MuscleCredit>();
  let performed = 0;
  for (const slot of session.slots) {
    for (const [variant, sets] of byVariant(slot)) {
      const done = plannedExercise(planner, slot, variant);
      let counts = 0;
      for (const set of sets) counts += countOf(set, kind);
      performed += counts;
      for (const [muscle, share] of credits(done)) {
        let credit = 0;
        for (const set of sets) credit += setCredit(set, share, crediting, kind, conventions);
        if (counts === 0 && credit === 0) continue;
        let sum = muscles.get(muscle);
        if (sum === undefined) {
          sum = { total: 0, fractional: 0, direct: 0, parts: [] };
          muscles.set(muscle, sum);
        }
        sum.total += credit;
        sum.fractional += counts * share;
        if (share === 1) sum.direct += counts;
        sum.parts.push({ exerciseId: slot.exerciseId, contribution: share, sets: counts, credit });
      }
    }
  }
  return { performed, muscles };
}

/** Sets a set counts for in this week, whatever it trains; deload weeks show what is performed. */
function countOf(
  { credit, piece, optional, role }: Pick<SetPlan, 'credit' | 'piece' | 'optional' | 'role'>,
  kind: 'building' | 'deload',
): number {
  if (kind === 'building') return credit;
  return piece === 1 && !optional && role !== 'easy' ? 1 : 0;
}

/** Credit that a set gives to a muscle in this week. */
function setCredit(
  set: Pick<SetPlan, 'reps' | 'rir' | 'credit' | 'piece' | 'optional' | 'role'>,
  share: number,
  crediting: Crediting,
  kind: 'building' | 'deload',
  conventions: Conventions,
): number {
  if (kind === 'deload') return countOf(set, kind) * share;
  return set.optional ? 0 : CREDITING[crediting](set, share, conventions);
}

/** A slot's sets by the set-up they are done in; null is the slot's own. */
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
