import { sessionsOf } from './cycle';
import type { Check } from './finding';

/** Fewer sessions per week than serious gaining or cutting needs. */
export const tooFewSessions: Check = (input) => {
  const { phase } = input.week;
  const times = (sessionsOf(input).length * 7) / input.block.cycleDays;
  const needed = input.conventions.seriousSessions;
  if (phase === 'holding' || input.athlete.level === 'novice' || times >= needed - 1e-9) return [];
  return [
    {
      id: 'too-few-sessions',
      severity: 'note',
      subject: {},
      detail: { rule: 'too few sessions', times, needed, phase },
      fixes: [],
    },
  ];
};
