import { dayPairs } from './cycle';
import type { Check, Finding } from './finding';

/** Upper-body work the day after straight-arm work, when tendons need a day off. */
export const straightArmRest: Check = (input) =>
  dayPairs(input).flatMap(({ first, second }): Finding[] => {
    const skill = first.slots.find(({ exercise, hard }) => exercise.skill === 'tendon-heavy' && hard > 0);
    if (skill === undefined || second.half === 'lower') return [];
    return [
      {
        id: `straight-arm-rest/${first.session.sessionId}/${second.session.sessionId}`,
        severity: 'warn',
        subject: { sessionId: second.session.sessionId },
        detail: {
          rule: 'straight-arm rest',
          first: first.session.name,
          second: second.session.name,
          exerciseId: skill.exercise.id,
        },
        fixes: [],
      },
    ];
  });
