import { sessionsOf } from './cycle';
import type { Check, Finding } from './finding';

const MOST = 2;

/** A skill that is hard on tendons, trained more than twice a week: tendons adapt more slowly than muscles. */
export const skillFrequency: Check = (input) => {
  const times = new Map<string, number>();
  for (const { slots } of sessionsOf(input)) {
    const names = new Set(
      slots.flatMap(({ exercise }) =>
        exercise.skill === 'tendon-heavy' ? [exercise.chain?.name ?? exercise.id] : [],
      ),
    );
    for (const name of names) times.set(name, (times.get(name) ?? 0) + 1);
  }
  return [...times].flatMap(([skill, sessions]): Finding[] => {
    const aWeek = (sessions * 7) / input.block.cycleDays;
    if (aWeek <= MOST) return [];
    return [
      {
        id: `skill-frequency/${skill}`,
        severity: 'warn',
        subject: {},
        detail: { rule: 'skill frequency', skill, times: aWeek, most: MOST },
        fixes: [],
      },
    ];
  });
};
