import type { BalanceChange, Limit, Shortfall } from '@/core';
import { listed, plural } from './figures';
import { capital, type ExerciseNames } from './names';

/** A change of rebalancing as a line. */
export function changeLine({ exerciseId, from, to, fills }: BalanceChange, names: ExerciseNames): string {
  if (fills) return `${names(exerciseId)}, ${plural(to, 'set')}`;
  return `${names(exerciseId)} ${from} → ${plural(to, 'set')}`;
}

function limitWords(limit: Limit): string {
  switch (limit.kind) {
    case 'time':
      return `${limit.session} already fills the athlete’s time`;
    case 'session cap':
      return `${limit.session} has as many sets for one muscle as a session can use`;
    case 'budget':
      return 'the weekly budget is used up';
    case 'slots full':
      return 'its exercises have no room for more sets';
    case 'no slot':
      return 'no exercise trains it';
    case 'ceiling':
      return `${limit.muscle} would go above its maximum`;
  }
}

/** A muscle that stays short of its target, and what limits it. */
export function shortfallSentence({ muscle, short, limits }: Shortfall): string {
  const because = limits.length === 0 ? 'several limits together' : listed(limits.map(limitWords));
  return `${capital(muscle)}: still ${plural(Math.round(short * 10) / 10, 'set')} short; ${because}.`;
}
