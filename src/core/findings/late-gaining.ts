import { phaseOn } from '../athlete/athlete';
import { weekStart } from '../block/block';
import { addDays } from '../calendar';
import { asPlanned, type Check } from './finding';

/** Days before the end of a gaining phase that count as late. */
const LATE_DAYS = 56;
/** A range with its bottom at or above this may go lower, by this many reps. */
const LEAST_LOW = 8;
const FALL = 3;
/** Spinal load from which a compound counts as unsupported. */
const STANDING = 2;

/**
 * Late in a gaining phase, with bodyweight up, standing and unsupported compounds may go to fewer reps. One note for
 * all of them, with the edit, if the athlete's next phase starts during or soon after the block.
 */
export const lateGaining: Check = ({ block, athlete, week, exerciseOf }) => {
  if (phaseOn(athlete, week.startDate) !== 'gaining') return [];
  const next = athlete.phases.find(({ from }) => from > week.startDate);
  const late = addDays(weekStart(block, block.weeks + 1), LATE_DAYS);
  if (next === undefined || next.phase === 'gaining' || next.from > late) return [];
  const slots = block.sessions
    .flatMap((session) => session.slots)
    .filter((slot) => {
      const { kind, axialLoad, measure } = exerciseOf(asPlanned(slot));
      return (
        kind === 'compound' && axialLoad >= STANDING && measure === 'reps' && slot.range.low >= LEAST_LOW
      );
    });
  const [first] = slots;
  if (first === undefined) return [];
  const exerciseIds = [...new Set(slots.map(({ exercise }) => exercise.id))];
  return [
    {
      id: `late-gaining/${exerciseIds.join(',')}`,
      severity: 'note',
      subject: { slotId: first.id },
      detail: { rule: 'late gaining', exerciseIds, from: next.from, next: next.phase },
      fixes: [
        {
          does: 'fewer reps',
          reps: FALL,
          exerciseIds,
          edit: {
            kind: 'batch',
            edits: slots.map(({ id, range }) => ({
              kind: 'slot/set',
              slot: id,
              field: 'range',
              value: { low: range.low - FALL, high: range.high - FALL },
            })),
          },
        },
      ],
    },
  ];
};
