import { isAtLeast } from '../rounding';
import { sessionsOf } from './cycle';
import type { Check } from './finding';

/** Fewer sessions per week than serious gaining or cutting needs. */
export const tooFewSessions: Check = (input) => {
  const { phase } = input.week;
  const times = (sessionsOf(input).length * 7) / input.block.cycleDays;
  const { seriousSessions, seriousSessionsNovice } = input.conventions;
  const needed = input.athlete.level === 'novice' ? seriousSessionsNovice : seriousSessions;
  if (phase === 'holding' || isAtLeast(times, needed)) return [];
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
