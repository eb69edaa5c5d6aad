import type { Slot } from '../block/block';
import { chosenCurve } from '../effort/curves';
import { e1rm } from '../effort/rep-max';
import { valueIn } from '../loading/weight';
import { roundHalfUp } from '../rounding';
import { asPlanned, type Check, type CheckInput } from './finding';

/** Middle of a range up to which a slot is heavy, and from which it is long. */
const HEAVY = 8;
const LONG = 12;
/** Logged weeks of a cut that are compared, and the change in strength that may be chance. */
const WEEKS = 3;
const CHANCE = 0.02;

/** A slot's strength over the logged weeks of the cut, relative to the first; null: too few weeks. */
function trendOf(slot: Slot, { blockPlan, athlete }: CheckInput): number | null {
  const curve = chosenCurve(athlete.effort);
  const strengths: number[] = [];
  for (const { plan, performed } of blockPlan.weeks) {
    if (plan.kind !== 'building' || plan.phase !== 'cutting') continue;
    for (const session of plan.sessions) {
      const planned = session.slots.find(({ slotId }) => slotId === slot.id);
      const first = planned?.sets.find(({ measuresStrength }) => measuresStrength);
      const logged = first && performed.get(session.sessionId)?.sets.get(`${slot.id}/${first.id}`)?.set;
      if (planned === undefined || logged?.exerciseId !== planned.exerciseId) continue;
      const moved = planned.carried + valueIn(planned.unit, logged.load);
      if (moved > 0) strengths.push(e1rm(moved, logged.reps + logged.rir, curve));
    }
  }
  const [first] = strengths;
  const last = strengths.at(-1);
  return strengths.length < WEEKS || first === undefined || last === undefined ? null : last / first - 1;
}

/**
 * Halfway through a cut heavy sets often get weaker while long ones still improve: then ranges go up. Judged by first
 * sets over at least three logged weeks of the cut; most heavy slots must have fallen and no long one.
 */
export const heavyFallsInCut: Check = (input) => {
  const { block, week, exerciseOf } = input;
  if (week.phase !== 'cutting') return [];
  const slots = block.sessions
    .flatMap((session) => session.slots)
    .filter((slot) => exerciseOf(asPlanned(slot)).measure === 'reps')
    .flatMap((slot) => {
      const trend = trendOf(slot, input);
      return trend === null
        ? []
        : [{ slot, trend, middle: roundHalfUp((slot.range.low + slot.range.high) / 2) }];
    });
  const heavy = slots.filter(({ middle }) => middle <= HEAVY);
  const long = slots.filter(({ middle }) => middle >= LONG);
  const fallen = heavy.filter(({ trend }) => trend < -CHANCE);
  const rising = long.filter(({ trend }) => trend > 0);
  if (fallen.length === 0 || fallen.length * 2 < heavy.length || rising.length === 0) return [];
  if (long.some(({ trend }) => trend < -CHANCE)) return [];
  const reps = input.conventions.cutReps;
  const exerciseIds = [...new Set(fallen.map(({ slot }) => slot.exercise.id))];
  return [
    {
      id: `heavy-falls-in-cut/${fallen.map(({ slot }) => slot.id).join(',')}`,
      severity: 'warn',
      subject: fallen[0] === undefined ? {} : { slotId: fallen[0].slot.id },
      detail: {
        rule: 'heavy falls in a cut',
        exerciseIds,
        rising: [...new Set(rising.map(({ slot }) => slot.exercise.id))],
      },
      fixes: [
        {
          does: 'more reps',
          reps,
          exerciseIds,
          edit: {
            kind: 'batch',
            edits: fallen.map(({ slot: { id, range } }) => ({
              kind: 'slot/set',
              slot: id,
              field: 'range',
              value: { low: range.low + reps, high: range.high + reps },
            })),
          },
        },
      ],
    },
  ];
};
