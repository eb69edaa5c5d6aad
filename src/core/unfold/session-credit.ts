import type { Muscle } from '../anatomy/muscle';
import type { Block } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { credits } from '../exercises/exercise';
import { CREDITING } from '../volume/credit';
import type { LadderSession, LadderSlot, PlannedSet } from './ladder';
import type { Facts } from './week-figures';

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

interface Counting {
  readonly block: Pick<Block, 'crediting' | 'conventions'>;
  readonly kind: 'building' | 'deload';
  readonly conventions: Conventions;
}

/** A planned session is never changed: what it came to under one way of counting stays true. */
const known = new WeakMap<
  LadderSession,
  { readonly by: readonly unknown[]; readonly credit: SessionCredit }
>();

/** Credit of a planned session to every muscle it trains. */
export function sessionCredit(session: LadderSession, facts: Facts, counting: Counting): SessionCredit {
  const { crediting, conventions } = counting.block;
  const by = [crediting, conventions, counting.kind];
  const before = known.get(session);
  if (before?.by.every((one, at) => one === by[at])) return before.credit;
  const credit = counted(session, facts, counting);
  known.set(session, { by, credit });
  return credit;
}

function counted(
  session: LadderSession,
  facts: Facts,
  { block, kind, conventions }: Counting,
): SessionCredit {
  const muscles = new Map<Muscle, MuscleCredit>();
  let performed = 0;
  for (const slot of session.slots) {
    const { exercise, inVariant } = facts(slot);
    for (const [variant, sets] of byVariant(slot)) {
      const done = variant === null ? exercise : inVariant(variant);
      let counts = 0;
      for (const set of sets) counts += countOf(set, kind);
      performed += counts;
      for (const [muscle, share] of credits(done)) {
        let credit = 0;
        for (const set of sets) credit += setCredit(set, share, block, kind, conventions);
        if (counts === 0 && credit === 0) continue;
        let sum = muscles.get(muscle);
        if (sum === undefined) {
          sum = { total: 0, fractional: 0, direct: 0, parts: [] };
          muscles.set(muscle, sum);
        }
        sum.total += credit;
        sum.fractional += counts * share;
        if (share === 1) sum.direct += counts;
        sum.parts.push({ exerciseId: exercise.id, contribution: share, sets: counts, credit });
      }
    }
  }
  return { performed, muscles };
}

/** Sets a set counts for in this week, whatever it trains; deload weeks show what is performed. */
function countOf(
  { credit, piece, optional, role }: Pick<PlannedSet, 'credit' | 'piece' | 'optional' | 'role'>,
  kind: 'building' | 'deload',
): number {
  if (kind === 'building') return credit;
  return piece === 1 && !optional && role !== 'easy' ? 1 : 0;
}

/** Credit that a set gives to a muscle in this week. */
function setCredit(
  set: Pick<PlannedSet, 'reps' | 'rir' | 'credit' | 'piece' | 'optional' | 'role'>,
  share: number,
  block: Pick<Block, 'crediting'>,
  kind: 'building' | 'deload',
  conventions: Conventions,
): number {
  if (kind === 'deload') return countOf(set, kind) * share;
  return set.optional ? 0 : CREDITING[block.crediting](set, share, conventions);
}

/** A slot's sets by the set-up they are done in; null is the slot's own. */
function byVariant(slot: LadderSlot): Iterable<readonly [string | null, readonly PlannedSet[]]> {
  if (slot.sets.every(({ variant }) => variant === null)) return [[null, slot.sets]];
  const groups = new Map<string | null, PlannedSet[]>();
  for (const set of slot.sets) {
    const group = groups.get(set.variant);
    if (group === undefined) groups.set(set.variant, [set]);
    else group.push(set);
  }
  return groups;
}
