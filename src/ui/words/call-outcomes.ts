import type { CallOutcome } from '@/core';
import { figure, listed } from './figures';

/** What came of an answered call, in a few words. */
export function outcomeText(outcome: CallOutcome | null): string {
  if (outcome === null) return 'nothing of it is trained yet';
  switch (outcome.kind) {
    case 'verdicts': {
      const weeks = new Map<string, number[]>();
      for (const { week, verdict } of outcome.of) weeks.set(verdict, [...(weeks.get(verdict) ?? []), week]);
      return listed(
        [...weeks].map(([verdict, of]) => {
          const each = [...new Set(of)];
          return `${verdict} in week${each.length === 1 ? '' : 's'} ${listed(each.map(String))}`;
        }),
      );
    }
    case 'first set': {
      const { asked, done } = outcome;
      const isSame = asked.load === done.load && asked.reps === done.reps;
      const did = `${figure(done.load)} × ${done.reps} at ${figure(done.rir, 1)}`;
      return isSame
        ? `done as asked, at ${figure(done.rir, 1)}`
        : `${did}; asked ${figure(asked.load)} × ${asked.reps} at ${figure(asked.rir, 1)}`;
    }
    case 'after deload':
      return `in week ${outcome.week} ${outcome.fine} of ${outcome.of} muscles did as asked or better`;
  }
}
