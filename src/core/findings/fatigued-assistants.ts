import type { Pattern } from '../exercises/exercise';
import { type DayPair, dayPairs, directSets, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding } from './finding';

const PULLS: readonly Pattern[] = ['vertical pull', 'horizontal pull'];
const PRESSES: readonly Pattern[] = ['horizontal press', 'vertical press'];
const HELPERS = [
  { muscle: 'biceps', helps: PULLS, what: 'pulling' },
  { muscle: 'triceps', helps: PRESSES, what: 'pressing' },
] as const;

function armsBefore({ first, second }: DayPair): Finding[] {
  return HELPERS.flatMap(({ muscle, helps, what }): Finding[] => {
    // Exercises that also pull or press are not arm work: their day would conflict by itself.
    const arms = first.slots.some(
      ({ exercise, hard }) =>
        hard > 0 && exercise.kind === 'isolation' && (exercise.contributions[muscle] ?? 0) === 1,
    );
    const needs = second.slots.some(
      ({ exercise, hard }) => hard > 0 && exercise.kind === 'compound' && helps.includes(exercise.pattern),
    );
    if (!arms || !needs || directSets(first, muscle) === 0) return [];
    return [
      {
        id: `tired-helpers/${muscle}/${first.session.sessionId}/${second.session.sessionId}`,
        severity: 'note',
        subject: { sessionId: first.session.sessionId },
        detail: {
          rule: 'tired helpers',
          first: first.session.name,
          second: second.session.name,
          muscle,
          what,
        },
        fixes: [],
      },
    ];
  });
}

function cardioBefore(input: CheckInput): Finding[] {
  const { cycleDays, activities } = input.block;
  return activities
    .filter(({ hard, legs }) => hard && legs)
    .flatMap((activity) =>
      sessionsOf(input)
        .filter(
          ({ half, session }) =>
            half === 'lower' && (session.day - activity.day + cycleDays) % cycleDays === 1,
        )
        .map(
          ({ session }): Finding => ({
            id: `tired-legs/${activity.id}/${session.sessionId}`,
            severity: 'warn',
            subject: { sessionId: session.sessionId },
            detail: { rule: 'tired legs', activity: activity.name, session: session.name },
            fixes: [],
          }),
        ),
    );
}

/**
 * Direct biceps work the day before pulling, direct triceps work the day before pressing, hard leg cardio the day
 * before legs.
 */
export const fatiguedAssistants: Check = (input) => [
  ...dayPairs(input).flatMap(armsBefore),
  ...cardioBefore(input),
];
