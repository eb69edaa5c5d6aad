import type { Cost, SwapParts, WatchAction, WatchCall } from '@/core';
import { shortDay } from './dates';
import { estimate, figure, listed, plural } from './figures';
import { capital, dayName, type ExerciseNames } from './names';

/** What is asked of the coach, why, and what each answer does. */
export interface WatchText {
  readonly says: string;
  readonly evidence: string;
  readonly options: readonly { readonly id: string; readonly words: string; readonly change: string }[];
}

/** Where a call is read: how exercises are called, the days of the cycle, and which day it is. */
export interface WatchReading {
  readonly names: ExerciseNames;
  readonly cycleDays: number;
}

/** A call of the day in words. */
export function watchText(call: WatchCall, reading: WatchReading): WatchText {
  return {
    ...lineOf(call, reading),
    options: call.options.map(({ id, does }) => ({ id, ...actionText(does, reading) })),
  };
}

function lineOf(
  { evidence, week }: WatchCall,
  { names, cycleDays }: WatchReading,
): Omit<WatchText, 'options'> {
  switch (evidence.kind) {
    case 'joint':
      return {
        says: `${capital(evidence.where)} pain`,
        evidence: `told in ${plural(evidence.times, 'session')}, in ${listed(evidence.lifts.map(names))}`,
      };
    case 'signs':
      return {
        says: evidence.verdict === 'urge' ? 'The signs urge a deload' : 'The signs propose a deload',
        evidence: `${evidence.sum} of 14 on ${shortDay(evidence.date)}${evidence.clear.length === 0 ? '' : `, clear: ${listed(evidence.clear)}`}`,
      };
    case 'stall':
      return {
        says: `${capital(names(evidence.exerciseId))} no longer moves`,
        evidence: `${gainText(evidence.gain)} in ${evidence.weeks} weeks with ${figure(evidence.done, 0)} % of its sets done${evidence.roseBefore ? ', after good weeks' : ''}: ${evidence.line.map((one) => estimate(one)).join(' ')}`,
      };
    case 'days lost':
      return {
        says: `${listed(evidence.sessions)} not trained`,
        evidence:
          evidence.daysLeft === 0
            ? `week ${week} is over`
            : `${plural(evidence.daysLeft, 'day')} of week ${week} left`,
      };
    case 'rearrange':
      return {
        says: `${evidence.session} was trained on ${dayName(evidence.done, cycleDays)}`,
        evidence: `planned for ${dayName(evidence.planned, cycleDays)}; the rest of week ${week} now lies too near`,
      };
    case 'next week':
      return {
        says: `${evidence.deload ? 'The deload' : `Week ${week}`} to hand out`,
        evidence: endsText(evidence, week),
      };
    case 'no log':
      return {
        says: `Nothing logged for ${plural(evidence.days, 'day')}`,
        evidence:
          evidence.last === null ? 'not once in this block' : `the last on ${shortDay(evidence.last)}`,
      };
    case 'block ends':
      return {
        says: 'The block ends and none follows',
        evidence: evidence.endsIn <= 0 ? 'its last week is over' : `${inDays(evidence.endsIn)}`,
      };
    case 'split':
      return {
        says: `${evidence.session} missed ${evidence.missed} weeks of ${evidence.of}`,
        evidence: 'the split does not fit the life',
      };
    case 'readiness':
      return {
        says: `${plural(evidence.days, 'session')} in a row begun poorly`,
        evidence: 'sleep or how they felt before training',
      };
    case 'tired':
      return {
        says: 'Tired week after week',
        evidence: `many signs in ${plural(evidence.times, 'check-in')} running; toward supported lifts from ${listed(evidence.lifts.map(names))}`,
      };
    case 'effort':
      return {
        says: `Leaves ${figure(Math.abs(evidence.reps), 1)} reps ${evidence.reps > 0 ? 'more' : 'fewer'} than reported`,
        evidence: `from ${plural(evidence.pairs, 'pair')} of exposures; loads found from it are too ${evidence.reps > 0 ? 'light' : 'heavy'}`,
      };
  }
}

function gainText(gain: number): string {
  if (Math.abs(gain) < 0.05) return 'no gain';
  return `${gain > 0 ? '+' : '−'}${figure(Math.abs(gain), 1)} %`;
}

function inDays(days: number): string {
  return days === 1 ? 'tomorrow' : `in ${plural(days, 'day')}`;
}

function endsText(
  { first, endsIn }: { readonly first: boolean; readonly endsIn: number },
  week: number,
): string {
  if (first) return endsIn <= 0 ? 'the block has begun' : `the block begins ${inDays(endsIn)}`;
  if (endsIn < 0) return `week ${week - 1} ended ${plural(-endsIn, 'day')} ago`;
  return endsIn === 0 ? `week ${week - 1} ends today` : `week ${week - 1} ends ${inDays(endsIn)}`;
}

function costText(cost: Cost): string {
  if (cost.length === 0) return 'costs no sets';
  return `costs ${listed(cost.map(({ muscle, sets }) => `${muscle} ${figure(sets, 1)}`))}`;
}

/** What is taken with an option, and what it changes. */
export function actionText(
  does: WatchAction,
  { names, cycleDays }: WatchReading,
): { readonly words: string; readonly change: string } {
  switch (does.kind) {
    case 'arrange':
      return arrangeText(does, cycleDays);
    case 'close week':
      return {
        words: `Close week ${does.week}`,
        change: `What is not done is left; it ${costText(does.cost)}.`,
      };
    case 'issue':
      return {
        words: `Hand out week ${does.week}`,
        change: 'The week goes to the phone, frozen as it stands.',
      };
    case 'deload':
      return {
        words: `Deload in week ${does.week}`,
        change: `What is planned for week ${does.week} moves to week ${does.week + 1}; the block ends a week later.`,
      };
    case 'swap':
      return {
        words: capital(names(does.to)),
        change: `${capital(names(does.to))} for ${names(does.from)}: ${partsText(does.parts)}. Its load starts from its own best set, or is looked for.`,
      };
    case 'ease joint':
      return easeText(does, names);
    case 'next block':
      return { words: 'Plan the next', change: 'A new block beside this one; this one stays as it is.' };
    case 'noted':
      return { words: 'Noted', change: 'Nothing changes. It is said again when its facts change.' };
  }
}

type Arrange = Extract<WatchAction, { readonly kind: 'arrange' }>;

function arrangeText({ how, lasting, moves, left, into, cost, breaks }: Arrange, cycleDays: number) {
  const moved = moves.map(({ session, to }) => `${session} to ${dayName(to, cycleDays)}`);
  const words =
    how === 'move'
      ? listed(moved)
      : how === 'merge'
        ? `The best of ${listed(left)} into ${into}`
        : `Leave out ${listed(left)}`;
  const also = how === 'move' || moved.length === 0 ? '' : `; ${listed(moved)}`;
  const when = lasting ? 'From now on' : 'For this week alone';
  const broken =
    breaks === 0 ? 'gaps and day order are kept' : `breaks ${plural(breaks, 'rule')} of gaps and day order`;
  return { words, change: `${when}${also}: ${costText(cost)}; ${broken}.` };
}

/** The parts of the score by which an exercise stands in another's place. */
export function partsText(parts: SwapParts): string {
  return listed([
    `${figure(100 * parts.similarity, 0)} % alike`,
    parts.samePattern ? 'the same movement' : 'another movement',
    ...(parts.sparesJoints ? [] : ['loads an irritated joint']),
    `pays ${figure(parts.payoff, 2)}`,
    ...(parts.longLength ? ['hardest stretched'] : []),
    parts.lately ? 'used of late' : 'not used of late',
  ]);
}

type Ease = Extract<WatchAction, { readonly kind: 'ease joint' }>;

function easeText({ how, to }: Ease, names: ExerciseNames) {
  switch (how) {
    case 'longer sets':
      return {
        words: 'Longer, lighter sets',
        change: 'The slots that load the joint go to a range of long sets.',
      };
    case 'restricted range':
      return { words: 'A shorter range', change: 'The slots that load the joint leave out what hurts.' };
    case 'another exercise':
      return {
        words: listed(to.map(names)),
        change: `${capital(listed(to.map(names)))} in place of what loads the joint.`,
      };
  }
}

/** How one who takes care of it would say that a lift is best left alone. */
export function leaveAlone(weeks: number): string {
  return `Healthy, progressing and willing: leave it alone. Fewer than ${weeks} weeks are too few to judge a lift or a split by.`;
}
