import type { Catalogue, Choice, Proposal } from '@/core';
import { BY_REPS, figure, plural, setText } from './figures';
import { namesOf, SORENESS_WORDS } from './names';

/** What a call rests on, in a few words. */
export function callEvidence({ why }: Proposal): string {
  switch (why.code) {
    case 'set-response': {
      const sore =
        why.soreness === 'no check-in' ? 'no check-in' : SORENESS_WORDS[why.soreness].short.toLowerCase();
      if (why.startShortfall > 0) return 'the start seems too low';
      if (why.behindTwice) return 'behind in two sessions running';
      return `${sore}, ${why.verdict}${why.score === 0 ? '' : ` ${why.score > 0 ? '+' : '−'}${figure(Math.abs(why.score), 1)}`}`;
    }
    case 'whole-body-deload': {
      const parts = [
        ...(why.behind > 0 ? [`${why.behind} behind`] : []),
        ...(why.recovering > 0 ? [`${why.recovering} recovering`] : []),
        ...(why.atCeiling > 0 ? [`${why.atCeiling} at the ceiling`] : []),
      ];
      return `of ${why.growing} growing muscles ${parts.join(', ')}`;
    }
    default:
      return '';
  }
}

/** What may be answered in place of the proposal, as buttons. */
export function callOthers(
  proposal: Proposal,
): readonly { readonly choice: Choice; readonly words: string }[] {
  switch (proposal.kind) {
    case 'load':
      return proposal.alternatives
        .slice(0, 1)
        .map(({ load, reps }) => ({ choice: { load, reps }, words: `${figure(load)} × ${reps} instead` }));
    case 'recover':
      return [{ choice: { recovers: 'half week' }, words: 'Next session alone' }];
    case 'sets':
    case 'deload':
      return [];
  }
}

/** A call as one line: what would change. */
export function callLine(
  proposal: Proposal,
  catalogue: Pick<Catalogue, 'newest'>,
): { readonly subject: string; readonly change: string } {
  const names = namesOf(catalogue);
  switch (proposal.kind) {
    case 'load': {
      const written = catalogue.newest(proposal.exerciseId) ?? BY_REPS;
      const { from, to } = proposal;
      return {
        subject: names(proposal.exerciseId),
        change: `${setText(from.load, from.reps, written)} → ${setText(to.load, to.reps, written)}`,
      };
    }
    case 'sets':
      return {
        subject: proposal.muscle,
        change: `+${plural(proposal.add, 'set')} of ${names(proposal.exerciseId)}`,
      };
    case 'recover':
      return { subject: proposal.muscle, change: 'a recover week: half the sets, lighter' };
    case 'deload':
      return { subject: 'the whole body', change: 'a deload next' };
  }
}
