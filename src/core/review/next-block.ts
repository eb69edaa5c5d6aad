import type { Muscle } from '../anatomy/muscle';
import { placeFor } from '../athlete/place';
import { applyEdit } from '../block/apply-edit';
import type { Block, Session, Slot } from '../block/block';
import { copyDesign } from '../block/block-again';
import type { SingleEdit } from '../block/edits/edit';
import { exchangeExercise } from '../block/exchange-exercise';
import { addDays, mondayOf } from '../calendar';
import { contribution } from '../exercises/exercise';
import { swapCandidates } from '../exercises/similarity';
import { asPlanned, type CheckInput } from '../findings/finding';
import { checkInput } from '../findings/registry';
import { substitutesFor } from '../findings/swap-slots';
import { blockSpan } from '../schedule/block-span';
import { setCount, withSetCount } from '../techniques/registry';
import type { Reviewed } from './reviewed';
import type { Suggestion } from './suggestions';

/** A suggestion's name: its kind and its subject. */
export function suggestionId(suggestion: Suggestion): string {
  const about =
    'muscle' in suggestion ? suggestion.muscle : 'exerciseId' in suggestion ? suggestion.exerciseId : '';
  return about === '' ? suggestion.kind : `${suggestion.kind}/${about}`;
}

/** A suggestion's edit of the next block's design; none if the coach has to handle it. */
export function changesOf(suggestion: Suggestion, reviewed: Reviewed): readonly SingleEdit[] {
  switch (suggestion.kind) {
    case 'fewer sets':
      return withSetsChanged(suggestion.muscle, -1, reviewed);
    case 'more sets':
      return withSetsChanged(suggestion.muscle, 1, reviewed);
    case 'exchange':
      return replaceStalled(suggestion.exerciseId, reviewed);
    case 'deload earlier':
      return [{ kind: 'block/set', field: 'weeks', value: suggestion.after }];
    case 'keep':
    case 'train harder':
    case 'shorter sessions':
    case 'another day':
    case 'weaker side':
      return [];
  }
}

/**
 * The next block after this one: the same design, exercises and first RIR, sets back to their start, with the
 * accepted suggestions. Its loads follow from current strength, as in any block. It starts on the Monday after this
 * one, or this week if that is over.
 */
export function nextBlock(
  reviewed: Reviewed,
  taken: readonly Suggestion[],
  named: Pick<Block, 'name' | 'startDate'> = nameAndStart(reviewed),
): Block {
  return taken
    .flatMap((one) => changesOf(one, reviewed))
    .reduce(
      (block, edit) => {
        const applied = applyEdit(block, edit);
        return applied.ok ? applied.value.block : block;
      },
      copyDesign(reviewed.block, named),
    );
}

/** Longest name given to a block here. */
const LONGEST_NAME = 80;

/** Name and start of the following block: `Autumn 2` after `Autumn`, then `Autumn 3`. */
function nameAndStart({ block, today }: Reviewed): Pick<Block, 'name' | 'startDate'> {
  const [, before = block.name, number = '1'] = /^(.*?) (\d+)$/.exec(block.name) ?? [];
  // The Monday on or after the day after its last.
  const behind = mondayOf(addDays(blockSpan(block).to, 7));
  const thisWeek = mondayOf(today);
  return {
    name: `${before} ${Number(number) + 1}`.slice(0, LONGEST_NAME),
    startDate: [thisWeek, behind].sort()[1] ?? thisWeek,
  };
}

interface Placed {
  readonly session: Session;
  readonly slot: Slot;
}

const placedIn = ({ sessions }: Block): readonly Placed[] =>
  sessions.flatMap((session) => session.slots.map((slot) => ({ session, slot })));

/** One set fewer where a muscle has most, or one more where it has fewest. */
function withSetsChanged(muscle: Muscle, by: 1 | -1, reviewed: Reviewed): readonly SingleEdit[] {
  const input = inputOf(reviewed);
  if (input === undefined) return [];
  const movers = placedIn(reviewed.block).filter(
    ({ slot }) => contribution(input.exerciseOf(asPlanned(slot)), muscle) >= 1,
  );
  const [slot] = movers
    .map((one) => one.slot)
    .filter(({ technique }) => setCount(technique) + by >= 1)
    .sort((a, b) => by * (setCount(a.technique) - setCount(b.technique)));
  if (slot === undefined) return [];
  const value = withSetCount(slot.technique, setCount(slot.technique) + by);
  return [{ kind: 'slot/set', slot: slot.id, field: 'technique', value }];
}

/** Replaces a stalled exercise everywhere with the best-ranked substitute. */
function replaceStalled(exerciseId: string, reviewed: Reviewed): readonly SingleEdit[] {
  const input = inputOf(reviewed);
  const placed = placedIn(reviewed.block).filter(({ slot }) => slot.exercise.id === exerciseId);
  const [first] = placed;
  if (input === undefined || first === undefined) return [];
  const from = input.exerciseOf(asPlanned(first.slot));
  const [best] = swapCandidates(from, substitutesFor(first, input), {
    athlete: reviewed.athlete,
    place: placeFor(reviewed.athlete, first.session.place),
    date: reviewed.today,
    lately: new Set(reviewed.exposures.map((exposure) => exposure.exerciseId)),
    reason: 'stalled',
  });
  return best === undefined
    ? []
    : placed.flatMap(({ slot }) => exchangeExercise({ ...slot, weeks: [] }, from, best.exercise));
}

function inputOf(reviewed: Reviewed): CheckInput | undefined {
  return checkInput(reviewed);
}
