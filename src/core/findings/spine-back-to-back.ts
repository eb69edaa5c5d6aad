import type { Exercise } from '../exercises/exercise';
import { dayPairs, type SeenSession } from './cycle';
import type { Check, Finding } from './finding';

const isHinge = ({ pattern, axialLoad }: Exercise) =>
  axialLoad === 3 || (pattern === 'hinge' && axialLoad >= 2);
const isSquat = ({ pattern, axialLoad, kind }: Exercise) =>
  pattern === 'squat' && kind === 'compound' && axialLoad >= 1;

/** Ranges that begin below this are heavy. */
const HEAVY_REPS = 10;

function heaviest({ slots }: SeenSession, is: (exercise: Exercise) => boolean): Exercise | undefined {
  return slots.find(
    ({ exercise, hard, slot }) => hard > 0 && is(exercise) && (slot.range?.low ?? 0) < HEAVY_REPS,
  )?.exercise;
}

/** A heavy hinge or heavy spinal loading the day before a heavy squat or leg press, or the reverse. */
export const spineBackToBack: Check = (input) =>
  dayPairs(input).flatMap(({ first, second }): Finding[] => {
    const pairs = [
      [heaviest(first, isHinge), heaviest(second, isSquat)],
      [heaviest(first, isSquat), heaviest(second, isHinge)],
    ] as const;
    const clash = pairs.find(
      ([one, other]) => one !== undefined && other !== undefined && one.id !== other.id,
    );
    if (clash?.[0] === undefined || clash[1] === undefined) return [];
    return [
      {
        id: `spine/${first.session.sessionId}/${second.session.sessionId}`,
        severity: 'warn',
        subject: { sessionId: second.session.sessionId },
        detail: {
          rule: 'spine back to back',
          first: first.session.name,
          second: second.session.name,
          before: clash[0].id,
          after: clash[1].id,
        },
        fixes: [],
      },
    ];
  });
