import type { IssueRefusal, Problem } from '@/core';
import { longDay } from './dates';
import { figure } from './figures';
import { capital } from './names';
import { sendWeek } from './screens/block';

/** A refused input as a sentence that says what is accepted. */
export function problemSentence(problem: Problem): string {
  switch (problem.code) {
    case 'malformed':
      return problem.path === ''
        ? `The format is not valid: ${problem.detail}.`
        : `The format is not valid at ${problem.path}: ${problem.detail}.`;
    case 'newer-format':
      return `This file was written by a newer version (format ${problem.version}).`;
    case 'not-a-number':
      return `“${problem.text}” is not a number.`;
    case 'reserve-missing':
      return `Add the reps left in reserve after the set, for example ${problem.example}.`;
    case 'not-understood':
      return `“${problem.text}” was not understood. Type it like this: ${problem.example}.`;
    case 'out-of-range':
      return `${capital(problem.field)} must be a ${problem.whole === true ? 'whole ' : ''}number from ${figure(problem.low)} to ${figure(problem.high)}, not ${figure(problem.value)}.`;
    case 'too-many':
      return `Too many ${problem.field}: ${problem.count}, at most ${problem.most}.`;
    case 'too-long':
      return `The text is too long: ${problem.length} letters, at most ${problem.most}.`;
    case 'bad-id':
      return `“${problem.id}” is not a valid id for a session or exercise.`;
    case 'no-such-day':
      return `“${problem.text}” is not a date. Type it like this: 30 Nov 2026.`;
    case 'range-upside-down':
      return `The range starts above its end (${problem.low} is more than ${problem.high}). Did you mean ${problem.high}–${problem.low}?`;
    case 'rir-rises':
      return `RIR must not rise toward the deload: ${problem.first} to ${problem.last}.`;
    case 'unknown-exercise':
      return `No exercise named “${problem.exercise}”.`;
    case 'unknown-id':
      return 'This was removed meanwhile.';
    case 'id-taken':
      return 'This is already in the block.';
    case 'to-read':
      return `${problem.coach} shares this athlete with you read only.`;
    case 'name-missing':
      return 'Enter a name.';
    case 'no-prime-mover':
      return 'Give one muscle a share of 1: the one this exercise mainly trains.';
    case 'compound-alone':
      return 'A compound exercise needs an assisting muscle. Add one, or make it an isolation exercise.';
    case 'bodyweight-share':
      return 'A share of body weight applies to bodyweight exercises only.';
    case 'nothing-to-progress':
      return 'An exercise without a load must be measured in seconds.';
    case 'no-place':
      return 'Add at least one place.';
    case 'no-phase':
      return 'Add at least one phase.';
    case 'same-day-twice':
      return `Two phases start on ${longDay(problem.date)}.`;
    case 'marks-out-of-order':
      return `${capital(problem.muscle)}: maintenance must not exceed the minimum, nor the minimum the maximum.`;
    case 'table-rises':
      return `The percentage at ${problem.reps} reps must be lower than at ${problem.reps - 1}.`;
    case 'tempo':
      return `“${problem.text}” is not a tempo. Use three or four digits, with X for as fast as possible: 31X0.`;
    case 'load-not-makeable':
      return notMakeable(problem);
    case 'not-bodyweight':
      return `${capital(problem.exercise)} is not a bodyweight exercise. Type a load, a set or a share.`;
    case 'no-sessions':
      return 'The block has no sessions yet. Add one first.';
    case 'session-without-slots':
      return `${problem.session} has no exercises yet.`;
    case 'week-issued':
      return `Week ${problem.week} has been sent. Recall it before changing it.`;
  }
}

function notMakeable(problem: Extract<Problem, { code: 'load-not-makeable' }>): string {
  const { load, unit, below, above } = problem;
  const near = [below, above].filter((value) => value !== null).map((value) => `${figure(value)} ${unit}`);
  return `The equipment has no ${figure(load)} ${unit}. Nearest: ${near.join(' or ')}.`;
}

/** Why a week was not sent. */
export function refusalSentence(refusal: IssueRefusal): string {
  switch (refusal.code) {
    case 'no-such-week':
      return 'The block has no such week.';
    case 'already-issued':
      return 'This week has already been sent.';
    case 'earlier-week-unissued':
      return `${sendWeek(refusal.week)} first.`;
    default:
      return problemSentence(refusal);
  }
}
