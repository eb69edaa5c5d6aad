import type { Catalogue, Choice, Proposal } from '@/core';
import { BY_REPS, figure, plural, setText } from './figures';
import { namesOf, SORENESS_WORDS } from './names';
import { VERDICT_NAMES } from './values';

/** The evidence for a proposed change, in a few words. */
export function callEvidence({ why }: Proposal): string {
  switch (why.code) {
    case 'set-response': {
      const sore =
        why.soreness === 'no check-in' ? 'no check-in' : SORENESS_WORDS[why.soreness].short.toLowerCase();
      if (why.startShortfall > 0) return 'the sets seem too few';
      if (why.behindTwice) return 'below target in two sessions in a row';
      return `${sore}, ${VERDICT_NAMES[why.verdict]}${why.score === 0 ? '' : ` (${why.score > 0 ? '+' : '−'}${figure(Math.abs(why.score), 1)})`}`;
    }
    case 'whole-body-deload': {
      const parts = [
        ...(why.behind > 0 ? [`${why.behind} below target`] : []),
        ...(why.recovering > 0 ? [`${why.recovering} recovering`] : []),
        ...(why.atCeiling > 0 ? [`${why.atCeiling} at the maximum`] : []),
      ];
      return `of ${why.growing} growing muscles ${parts.join(', ')}`;
    }
    default:
      return '';
  }
}

/** Alternatives to the proposal, as buttons. */
export function callOthers(
  proposal: Proposal,
): readonly { readonly choice: Choice; readonly words: string }[] {
  switch (proposal.kind) {
    case 'load':
      return proposal.alternatives
        .slice(0, 1)
        .map(({ load, reps }) => ({ choice: { load, reps }, words: `Use ${figure(load)} × ${reps}` }));
    case 'recover':
      return [{ choice: { recovers: 'half week' }, words: 'Next session only' }];
    case 'sets':
    case 'deload':
      return [];
  }
}

/** A proposed change as one line. */
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
        change: `+${plural(proposal.add, 'set')}, ${names(proposal.exerciseId)}`,
      };
    case 'recover':
      return { subject: proposal.muscle, change: 'recovery week: half the sets, lighter' };
    case 'deload':
      return { subject: 'whole body', change: 'deload next week' };
  }
}
