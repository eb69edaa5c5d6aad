import { dayPairs } from './cycle';
import type { Check, Finding } from './finding';

/** A leg day directly before an upper day: the upper day should go first. */
export const legsBeforeUpper: Check = (input) =>
  dayPairs(input).flatMap(({ first, second }): Finding[] => {
    if (first.half !== 'lower' || second.half !== 'upper') return [];
    return [
      {
        id: `legs-before-upper/${first.session.sessionId}/${second.session.sessionId}`,
        severity: 'note',
        subject: { sessionId: first.session.sessionId },
        detail: { rule: 'legs before upper', first: first.session.name, second: second.session.name },
        fixes: [],
      },
    ];
  });
