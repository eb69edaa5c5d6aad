import type { SingleEdit } from '../block/edits/edit';
import { plannedRise } from '../progression/planned-rise';
import { setCount } from '../techniques/registry';
import type { CheckInput, Fix } from './finding';
import { type Candidate, keepsFloors, SetChanges, spareSets } from './set-changes';
import { writtenSlot } from './slot-sets';

/** The planned rise of a slot's sets in a week; null if it does not rise. */
export function riseOf({ slot }: Candidate, input: CheckInput) {
  const why = writtenSlot(slot, input)?.why.sets;
  const ramp = why?.code === 'sets/prescribed' ? why.ramp : undefined;
  return ramp !== undefined && ramp.to > ramp.from ? ramp : null;
}

/**
 * Ends of planned rises lowered a set at a time, where there is most to spare, until the week is as wanted; no growing
 * muscle falls below its minimum.
 * @returns undefined if level rises are not enough
 */
export function lowerRises(
  all: readonly Candidate[],
  done: (changes: SetChanges) => boolean,
  input: CheckInput,
): Fix | undefined {
  const changes = new SetChanges(all, input);
  const ends = new Map<Candidate, number>();
  const rises = all.flatMap((one) => {
    const rise = riseOf(one, input);
    return rise === null ? [] : [{ one, rise }];
  });
  const endOf = ({ one, rise }: (typeof rises)[number]) => ends.get(one) ?? rise.to;
  /** Sets of this week that go with the next lower end. */
  const saved = (of: (typeof rises)[number]) =>
    plannedRise(of.rise.from, endOf(of), of.rise) - plannedRise(of.rise.from, endOf(of) - 1, of.rise);
  const mayLower = (of: (typeof rises)[number]) => {
    if (endOf(of) <= of.rise.from) return false;
    const by = saved(of);
    if (by > 0) changes.change(of.one, -1);
    const kept = keepsFloors(of.one, changes, input.week);
    if (by > 0) changes.change(of.one, 1);
    return kept;
  };
  while (!done(changes)) {
    const [next] = rises
      .filter(mayLower)
      .sort(
        (a, b) => spareSets(b.one, changes, input) - spareSets(a.one, changes, input) || endOf(b) - endOf(a),
      );
    if (next === undefined) return undefined;
    if (saved(next) > 0) changes.change(next.one, -1);
    ends.set(next.one, endOf(next) - 1);
  }
  const edits = [...ends].map(([{ slot }, to]): SingleEdit => {
    const isLevel = to <= setCount(slot.technique);
    return { kind: 'slot/set', slot: slot.id, field: 'rampTo', value: isLevel ? null : to };
  });
  const [first] = edits;
  if (first === undefined) return undefined;
  return {
    does: 'lower rises',
    week: input.week.week,
    sets: [...ends.keys()].reduce((sum, one) => sum - changes.of(one), 0),
    exerciseIds: [...new Set([...ends.keys()].map(({ slot }) => slot.exercise.id))],
    edit: edits.length === 1 ? first : { kind: 'batch', edits },
  };
}
