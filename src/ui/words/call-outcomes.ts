import type { CallOutcome } from '@/core';
import { BY_REPS, listed, setAtRir } from './figures';
import { screenWord } from './values';

/** What came of a decided proposal, in a few words. */
export function outcomeText(outcome: CallOutcome | null): string {
  if (outcome === null) return 'not trained yet';
  switch (outcome.kind) {
    case 'verdicts': {
      const weeks = new Map<string, number[]>();
      for (const { week, verdict } of outcome.of) weeks.set(verdict, [...(weeks.get(verdict) ?? []), week]);
      return listed(
        [...weeks].map(([verdict, of]) => {
          const each = [...new Set(of)];
          return `${screenWord(verdict)} in ${each.length === 1 ? 'week' : 'weeks'} ${listed(each.map(String))}`;
        }),
      );
    }
    case 'first set': {
      const { asked, done } = outcome;
      const text = ({ load, reps, rir }: typeof done) => setAtRir(load, reps, rir, BY_REPS);
      const isSame = asked.load === done.load && asked.reps === done.reps;
      return isSame ? `done as planned: ${text(done)}` : `${text(done)}; planned ${text(asked)}`;
    }
    case 'after deload':
      return `on or above target in week ${outcome.week}: ${outcome.fine} of ${outcome.of} muscles`;
  }
}
