import type { Catalogue, FindingDetail, Fix, Proposal } from '@/core';
import { BY_REPS, counted, estimate, figure, listed, setText } from './figures';
import { capital, dayName, type ExerciseNames, namesOf } from './names';

/** A finding as one sentence. */
export function findingSentence(detail: FindingDetail, names: ExerciseNames): string {
  switch (detail.rule) {
    case 'recovery gap':
      return `${capital(listed(detail.muscles))} trained hard in ${detail.first}, again ${detail.hours} h later in ${detail.second}; ${detail.needed} h needed.`;
    case 'frequency':
      return detail.high
        ? `${capital(listed(detail.muscles))}: ${figure(detail.times, 1)} times a week; above ${detail.wanted} adds little.`
        : `${capital(listed(detail.muscles))}: only ${figure(detail.times, 1)}× a week; growing asks for ${detail.wanted}.`;
    case 'below floor':
      return `${capital(detail.muscle)} below floor in week ${detail.week}: ${figure(detail.sets, 1)} of ${figure(detail.floor, 1)}.`;
    case 'untrained':
      return `No hard sets for ${listed(detail.muscles)}, which should grow.`;
    case 'above ceiling':
      return `${capital(detail.muscle)} above ceiling in week ${detail.week}: ${figure(detail.sets, 1)} of ${figure(detail.ceiling, 1)}.`;
    case 'above budget':
      return `Week ${detail.week} has ${figure(detail.sets, 1)} hard sets; the body’s budget is ${figure(detail.budget, 1)}.`;
    case 'session length':
      return `${detail.session} may last ${Math.ceil(detail.minutes)} min; the limit is ${detail.limit}.`;
    case 'order':
      return `${detail.session}: ${names(detail.isolation)} tires ${detail.muscle} before ${names(detail.compound)}.`;
    case 'beyond failure':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: set ${detail.set} of ${detail.reps} reps would end ${estimate(-detail.rir)} below failure. Rest longer, ask fewer reps, or hold RIR.`;
    case 'too easy to count':
      return `${capital(names(detail.exerciseId))} in ${detail.session}: ${detail.sets} of ${detail.of} sets end more than ${figure(detail.threshold)} from failure and do not count.`;
    case 'equipment': {
      const needs = detail.lacks.map(
        ({ exerciseId, missing }) => `${names(exerciseId)} needs ${listed(missing)}`,
      );
      return `${detail.place} lacks something for ${detail.session}: ${listed(needs)}.`;
    }
    case 'irritated joint':
      return `${capital(listed(detail.exerciseIds.map(names)))} ${detail.exerciseIds.length === 1 ? 'stresses' : 'stress'} the ${detail.joint}, which is irritated. Try another grip, range or exercise; if pain is sharp, lasting or spreading, a clinician first.`;
    case 'stale load':
      return `${capital(names(detail.exerciseId))} too easy in week ${detail.week}: ${estimate(detail.predictedRir)} left where ${detail.rir} are asked.`;
  }
}

/** What a fix does, as its button says it. */
export function fixWords(fix: Fix, names: ExerciseNames): string {
  switch (fix.does) {
    case 'move session':
      return `Move ${fix.session} to ${dayName(fix.day, 7)}`;
    case 'add a set':
      return `Add a set of ${names(fix.exerciseId)}`;
    case 'drop sets':
      return fix.exerciseIds.length === 1
        ? `Drop ${fix.sets === 1 ? 'a set' : counted(fix.sets, 'set')} of ${listed(fix.exerciseIds.map(names))}`
        : `Drop ${counted(fix.sets, 'set')} of ${fix.exerciseIds.length} exercises`;
    case 'hold muscles':
      return fix.muscles.length === 1 ? `Hold ${fix.muscles[0]}` : `Hold these ${fix.muscles.length}`;
    case 'hold RIR':
      return `Hold RIR in ${names(fix.exerciseId)}`;
    case 'move slot':
      return `Move it after ${names(fix.after)}`;
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
        change: `+${counted(proposal.add, 'set')} of ${names(proposal.exerciseId)}`,
      };
    case 'recover':
      return { subject: proposal.muscle, change: 'a recover week: half the sets, lighter' };
  }
}
