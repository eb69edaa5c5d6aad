import type { IssueRefusal, Problem } from '@/core';
import { longDay } from './dates';
import { figure } from './figures';
import { capital } from './names';

/** A refused input as a sentence that says what would be accepted. */
export function problemSentence(problem: Problem): string {
  switch (problem.code) {
    case 'malformed':
      return problem.path === ''
        ? `This is not in the expected form: ${problem.detail}.`
        : `This is not in the expected form at ${problem.path}: ${problem.detail}.`;
    case 'newer-format':
      return `This was written by a newer version (format ${problem.version}).`;
    case 'not-a-number':
      return `“${problem.text}” is not a number.`;
    case 'reserve-missing':
      return `How many reps were left? Write it behind the set: ${problem.example}.`;
    case 'not-understood':
      return `“${problem.text}” was not understood. Write it like ${problem.example}.`;
    case 'out-of-range':
      return `${figure(problem.value)} is outside what ${problem.field} can be: ${figure(problem.low)} to ${figure(problem.high)}${problem.whole === true ? ', whole' : ''}.`;
    case 'too-many':
      return `${problem.count} ${problem.field} are more than there may be: ${problem.most} at most.`;
    case 'too-long':
      return `The text has ${problem.length} letters; ${problem.most} are the most.`;
    case 'bad-id':
      return `“${problem.id}” cannot be the id of a session or slot.`;
    case 'no-such-day':
      return `“${problem.text}” is no day of the calendar. Write it like 2026-11-30.`;
    case 'range-upside-down':
      return `The range is upside down: ${problem.low} is more than ${problem.high}. Did you mean ${problem.high}–${problem.low}?`;
    case 'rir-rises':
      return `RIR would rise from ${problem.first} to ${problem.last}. It stays or falls until the deload.`;
    case 'unknown-exercise':
      return `No exercise is called “${problem.exercise}”.`;
    case 'unknown-id':
      return 'This was removed in the meantime.';
    case 'id-taken':
      return 'This is in the block already.';
    case 'to-read':
      return `${problem.coach} lets you read this athlete; changing is theirs.`;
    case 'name-missing':
      return 'A name is needed.';
    case 'no-prime-mover':
      return 'No muscle has a share of 1. Give it to the one the exercise trains first.';
    case 'compound-alone':
      return 'A compound exercise has an assisting muscle too. Add its share, or make it an isolation.';
    case 'bodyweight-share':
      return 'A share of bodyweight is lifted in bodyweight work, and only there.';
    case 'nothing-to-progress':
      return 'Without a load it is held for seconds.';
    case 'no-place':
      return 'At least one place is needed.';
    case 'no-phase':
      return 'At least one phase is needed.';
    case 'same-day-twice':
      return `Two phases begin on ${longDay(problem.date)}.`;
    case 'marks-out-of-order':
      return `${capital(problem.muscle)}: hold, floor and ceiling must rise.`;
    case 'table-rises':
      return `At ${problem.reps} reps the fraction must be smaller than at ${problem.reps - 1}.`;
    case 'tempo':
      return `“${problem.text}” is no tempo. Three or four digits, X for as fast as possible: 31X0.`;
    case 'load-not-makeable':
      return notMakeable(problem);
    case 'no-sessions':
      return 'The block has no sessions yet: add one first.';
    case 'session-without-slots':
      return `${problem.session} has no exercises yet.`;
    case 'week-issued':
      return `Week ${problem.week} has been handed out; recall it before changing it.`;
  }
}

function notMakeable(problem: Extract<Problem, { code: 'load-not-makeable' }>): string {
  const { load, unit, below, above } = problem;
  const near = [below, above].filter((value) => value !== null).map((value) => `${figure(value)} ${unit}`);
  return `The equipment cannot make ${figure(load)} ${unit}. Nearest: ${near.join(' or ')}.`;
}

/** Why a week was not handed out. */
export function refusalSentence(refusal: IssueRefusal): string {
  switch (refusal.code) {
    case 'no-such-week':
      return 'The block has no such week.';
    case 'already-issued':
      return 'This week has been issued already.';
    case 'earlier-week-unissued':
      return `Week ${refusal.week} comes first.`;
    default:
      return problemSentence(refusal);
  }
}
