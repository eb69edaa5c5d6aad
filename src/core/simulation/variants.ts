import type { Athlete } from '../athlete/athlete';
import { applyEdit } from '../block/apply-edit';
import type { Block, Session } from '../block/block';
import { BOUNDS, LIMITS } from '../block/bounds';
import type { SingleEdit } from '../block/edits/edit';
import { groupSlots } from '../block/groups';
import { deloadNow } from '../schedule/deload-now';
import { setCount, withSetCount } from '../techniques/registry';

/** Changes of a block that a simulation compares. */
export const VARIANTS = [
  'a set fewer',
  'a set more',
  'a day less',
  'a day more',
  'a week less',
  'a week more',
  'a deload half-way',
] as const;
export type BlockVariant = (typeof VARIANTS)[number];

/** What a change depends on besides the block. */
export interface VariantContext {
  /** The athlete's training days. */
  readonly athlete: Pick<Athlete, 'days'>;
  /** The last sent week; 0: none. */
  readonly issued: number;
  /** An unused id. */
  readonly newId: () => string;
}

type Change = (block: Block, context: VariantContext) => readonly SingleEdit[];

const CHANGES: Readonly<Record<BlockVariant, Change>> = {
  'a set fewer': (block) => withSets(block, (sets) => Math.max(1, sets - 1)),
  'a set more': (block) => withSets(block, (sets) => sets + 1),
  'a day less': withOneDayFewer,
  'a day more': withOneDayMore,
  'a week less': (block) => withWeeks(block, block.weeks - 1),
  'a week more': (block) => withWeeks(block, block.weeks + 1),
  'a deload half-way': deloadHalfWay,
};

/**
 * A single change, or none if impossible: one set fewer in every slot with two or more; the smallest session
 * distributed to the others; the second half of the largest on a new day; one week more before the deload; a deload
 * half-way.
 */
export function variantEdits(
  block: Block,
  variant: BlockVariant,
  context: VariantContext,
): readonly SingleEdit[] {
  return CHANGES[variant](block, context);
}

/** The block with a change; unchanged if it is impossible. */
export function variantOf(block: Block, variant: BlockVariant, context: VariantContext): Block {
  const applied = applyEdit(block, { kind: 'batch', edits: variantEdits(block, variant, context) });
  return applied.ok ? applied.value.block : block;
}

function withSets({ sessions }: Block, to: (sets: number) => number): readonly SingleEdit[] {
  return sessions.flatMap(({ slots }) =>
    slots.flatMap(({ id, technique }): readonly SingleEdit[] => {
      const sets = setCount(technique);
      const value = withSetCount(technique, to(sets));
      return setCount(value) === sets ? [] : [{ kind: 'slot/set', slot: id, field: 'technique', value }];
    }),
  );
}

function withWeeks(block: Block, weeks: number): readonly SingleEdit[] {
  const value = Math.min(BOUNDS.weeks.high, Math.max(BOUNDS.weeks.low, weeks));
  return value === block.weeks ? [] : [{ kind: 'block/set', field: 'weeks', value }];
}

function deloadHalfWay(block: Block, { issued }: VariantContext): readonly SingleEdit[] {
  const week = Math.floor(block.weeks / 2) + 1;
  if (block.weeks < 2 || week <= issued || block.earlyDeloads.length > 0) return [];
  const edit = deloadNow(block, week);
  return edit.kind === 'batch' ? edit.edits : [edit];
}

const countSets = (slots: Session['slots']) =>
  slots.reduce((sum, { technique }) => sum + setCount(technique), 0);

/**
 * Each group of the smallest session goes to the end of the session with fewest sets so far that does not train it
 * yet.
 */
function withOneDayFewer({ sessions }: Block): readonly SingleEdit[] {
  const counted = sessions.filter(({ optional }) => !optional);
  const [gone, ...rest] = [...counted].sort((a, b) => countSets(a.slots) - countSets(b.slots));
  if (gone === undefined || rest.length === 0) return [];
  const takers = rest.map(({ id, slots }) => ({ id, slots: [...slots] }));
  const edits: SingleEdit[] = [];
  for (const group of groupSlots(gone)) {
    const repeats = (taker: (typeof takers)[number]) =>
      taker.slots.some((slot) => group.some(({ exercise }) => exercise.id === slot.exercise.id));
    const [taker] = [...takers].sort(
      (a, b) => Number(repeats(a)) - Number(repeats(b)) || countSets(a.slots) - countSets(b.slots),
    );
    if (taker === undefined || taker.slots.length + group.length > LIMITS.slots) return [];
    for (const slot of group) {
      const after = taker.slots.at(-1)?.id ?? null;
      edits.push({ kind: 'slot/move', slot: slot.id, session: taker.id, after });
      taker.slots.push(slot);
    }
  }
  return [...edits, { kind: 'session/remove', session: gone.id }];
}

/** The last groups of the largest session, half its sets, move to the athlete's free day furthest from all others. */
function withOneDayMore(block: Block, context: VariantContext): readonly SingleEdit[] {
  const [largest] = [...block.sessions]
    .filter(({ optional }) => !optional)
    .sort((a, b) => countSets(b.slots) - countSets(a.slots));
  const day = freeDay(block, context.athlete);
  if (largest === undefined || day === null || block.sessions.length >= LIMITS.sessions) return [];
  const groups = groupSlots(largest);
  const uneven = (cut: number) =>
    Math.abs(countSets(groups.slice(0, cut).flat()) - countSets(groups.slice(cut).flat()));
  const [cut] = groups
    .slice(1)
    .map((_, at) => at + 1)
    .sort((one, other) => uneven(one) - uneven(other));
  if (cut === undefined) return [];
  const session = context.newId();
  const made = { ...largest, id: session, name: `${largest.name}, second half`, day, weeks: [], slots: [] };
  let after: string | null = null;
  const moves = groups
    .slice(cut)
    .flat()
    .map(({ id }): SingleEdit => {
      const move = { kind: 'slot/move', slot: id, session, after } as const;
      after = id;
      return move;
    });
  return [{ kind: 'session/add', after: block.sessions.at(-1)?.id ?? null, session: made }, ...moves];
}

/** The free day with most days to the nearest session, the earliest on a tie; null: none is free. */
function freeDay({ sessions, cycleDays }: Block, { days }: VariantContext['athlete']): number | null {
  const taken = sessions.map(({ day }) => day);
  const isFree = (day: number) =>
    !taken.includes(day) && (days.length === 0 || cycleDays % 7 !== 0 || days.includes(day % 7));
  const away = (day: number) =>
    Math.min(
      ...taken.map((other) =>
        Math.min((day - other + cycleDays) % cycleDays, (other - day + cycleDays) % cycleDays),
      ),
    );
  const free = Array.from({ length: cycleDays }, (_, day) => day).filter(isFree);
  return free.sort((a, b) => away(b) - away(a) || a - b)[0] ?? null;
}
