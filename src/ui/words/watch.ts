import type { Cost, JointEase, SwapParts, WatchAction, WatchCall } from '@/core';
import { shortDay } from './dates';
import { estimate, figure, listed, plural, span } from './figures';
import { easeWords } from './findings';
import { capital, dayName, type ExerciseNames } from './names';
import { sendWeek } from './screens/block';
import { TECHNIQUE_NAMES } from './techniques';
import { screenWord } from './values';

/** An alert: what needs the coach, why, and what each option does. */
export interface WatchText {
  readonly says: string;
  readonly evidence: string;
  readonly options: readonly { readonly id: string; readonly words: string; readonly change: string }[];
}

/** What the words of an alert depend on: names of exercises and the length of the cycle in days. */
export interface WatchReading {
  readonly names: ExerciseNames;
  readonly cycleDays: number;
}

/** An alert in words. */
export function alertText(call: WatchCall, reading: WatchReading): WatchText {
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
        says: `${capital(screenWord(evidence.where))} pain`,
        evidence: `Reported in ${plural(evidence.times, 'session')}: ${listed(evidence.lifts.map(names))}`,
      };
    case 'signs':
      return {
        says: evidence.verdict === 'urge' ? 'Deload urgently recommended' : 'Time for a deload',
        evidence: `Fatigue score ${evidence.sum} of 14 on ${shortDay(evidence.date)}${evidence.clear.length === 0 ? '' : `; strongest: ${listed(evidence.clear.map(screenWord))}`}`,
      };
    case 'stall':
      return {
        says: `${capital(names(evidence.exerciseId))} has stalled`,
        evidence: `${capital(gainText(evidence.gain))} in ${evidence.weeks} weeks with ${figure(evidence.done, 0)} % of sets done${evidence.roseBefore ? ', after progress before' : ''}. Estimated max: ${evidence.line.map((one) => estimate(one)).join(', ')}`,
      };
    case 'days lost':
      return {
        says: `${listed(evidence.sessions)} missed`,
        evidence:
          evidence.daysLeft === 0
            ? `Week ${week} is over`
            : `${plural(evidence.daysLeft, 'day')} of week ${week} left`,
      };
    case 'rearrange':
      return {
        says: `${evidence.session} was done on ${dayName(evidence.done, cycleDays)}`,
        evidence: `Planned for ${dayName(evidence.planned, cycleDays)}; the next sessions of week ${week} are now too close`,
      };
    case 'next week':
      return {
        says: `${evidence.deload ? 'Deload' : `Week ${week}`} is ready to send`,
        evidence: endsText(evidence, week),
      };
    case 'no log':
      return {
        says: `Nothing logged for ${plural(evidence.days, 'day')}`,
        evidence:
          evidence.last === null ? 'Nothing in this block yet' : `Last session on ${shortDay(evidence.last)}`,
      };
    case 'block ends':
      return {
        says: 'The block ends and no block follows',
        evidence: evidence.endsIn <= 0 ? 'Its last week is over' : capital(inDays(evidence.endsIn)),
      };
    case 'split':
      return {
        says: `${evidence.session} missed in ${evidence.missed} of ${evidence.of} weeks`,
        evidence: 'This day may not suit the athlete',
      };
    case 'readiness':
      return {
        says: `Poor readiness in ${plural(evidence.days, 'session')} in a row`,
        evidence: 'Sleep or how they felt before training',
      };
    case 'tired':
      return {
        says: 'Tired for weeks',
        evidence: `High fatigue in ${plural(evidence.times, 'check-in')} in a row; consider supported lifts instead of ${listed(evidence.lifts.map(names))}`,
      };
    case 'further exercise':
      return {
        says: `${capital(evidence.muscle)} can take more sets`,
        evidence: 'None of its exercises has room for another set within its rep range',
      };
    case 'same plan':
      return {
        says: 'Time to vary exercises',
        evidence: `${capital(listed(evidence.muscles))}: the same exercises for ${evidence.weeks} weeks or more`,
      };
    case 'lift back':
      return {
        says: `${capital(listed(evidence.lifts.map(names)))} may return`,
        evidence: 'Given up in the cut; the athlete is gaining again and can recover from them',
      };
    case 'effort':
      return {
        says: `Ends sets with ${figure(Math.abs(evidence.reps), 1)} reps ${evidence.reps > 0 ? 'more' : 'fewer'} left than reported`,
        evidence: `From ${plural(evidence.pairs, 'pair')} of sessions; loads based on these reports are too ${evidence.reps > 0 ? 'light' : 'heavy'}`,
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
  if (first) return endsIn <= 0 ? 'The block has started' : `The block starts ${inDays(endsIn)}`;
  if (endsIn < 0)
    return `Week ${week - 1} ended ${endsIn === -1 ? 'yesterday' : `${plural(-endsIn, 'day')} ago`}`;
  return endsIn === 0 ? `Week ${week - 1} ends today` : `Week ${week - 1} ends ${inDays(endsIn)}`;
}

function costText(cost: Cost): string {
  if (cost.length === 0) return 'costs no sets';
  return `costs ${listed(cost.map(({ muscle, sets }) => `${muscle} ${figure(sets, 1)}`))}`;
}

/** An option's button and what it changes. */
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
        change: `Sessions that were not done are dropped; this ${costText(does.cost)}.`,
      };
    case 'issue':
      return {
        words: sendWeek(does.week),
        change: 'The athlete’s app shows the week as it is now.',
      };
    case 'deload':
      return {
        words: `Deload in week ${does.week}`,
        change: `The plan for week ${does.week} moves to week ${does.week + 1}; the block ends a week later.`,
      };
    case 'swap':
      return {
        words: `Use ${names(does.to)}`,
        change: `${capital(names(does.to))} instead of ${names(does.from)}: ${partsText(does.parts)}. Its load starts from its own best set, or week 1 finds it.`,
      };
    case 'lift back':
      return {
        words: `Use ${names(does.to)}`,
        change: `${capital(names(does.to))} instead of ${names(does.from)}. Its load starts from its own last log.`,
      };
    case 'further exercise':
      return {
        words: `Add ${names(does.exerciseId)}`,
        change: `${plural(does.sets, 'set')} of ${names(does.exerciseId)} at the end of ${does.session}.`,
      };
    case 'weights':
      return {
        words: 'Add weight',
        change: `${capital(names(does.exerciseId))} is no longer bodyweight only: its load is found like any other.`,
      };
    case 'other range': {
      const reps = span(does.range.low, does.range.high);
      return {
        words: `Train it in ${reps}`,
        change: `${capital(names(does.exerciseId))} stays, with ${reps} reps in all its sessions.`,
      };
    }
    case 'other technique': {
      const technique = TECHNIQUE_NAMES[does.technique];
      return {
        words: `Use ${technique}`,
        change: `${capital(names(does.exerciseId))} stays, with ${technique} in all its sessions.`,
      };
    }
    case 'ease joint':
      return { words: easeWords(does.how, does.changes, names), change: easeChange(does.how) };
    case 'next block':
      return { words: 'Plan next block', change: 'Opens a new block. This one does not change.' };
    case 'noted':
      return { words: 'Dismiss', change: 'Nothing changes. The alert comes back if the situation does.' };
  }
}

type Arrange = Extract<WatchAction, { readonly kind: 'arrange' }>;

function arrangeText({ how, lasting, moves, left, into, cost, breaks }: Arrange, cycleDays: number) {
  const moved = moves.map(({ session, to }) => `${session} to ${dayName(to, cycleDays)}`);
  const words =
    how === 'move'
      ? `Move ${listed(moved)}`
      : how === 'merge'
        ? `Merge ${listed(left)} into ${into}`
        : `Skip ${listed(left)}`;
  const also = how === 'move' || moved.length === 0 ? '' : `; ${listed(moved)}`;
  const when = lasting ? 'From now on' : 'For this week only';
  const broken =
    breaks === 0
      ? 'recovery gaps stay fine'
      : `breaks ${plural(breaks, 'rule')} on recovery gaps and day order`;
  return { words, change: `${when}${also}: ${costText(cost)}; ${broken}.` };
}

/** The parts of the score by which a replacement exercise is ranked. */
export function partsText(parts: SwapParts): string {
  return listed([
    `${figure(100 * parts.similarity, 0)} % similar`,
    parts.samePattern ? 'same movement' : 'different movement',
    ...(parts.nearTwin ? ['nearly the same lift'] : []),
    ...(parts.sparesJoints ? [] : ['loads an irritated joint']),
    `payoff ${figure(parts.payoff)}`,
    ...(parts.longLength ? ['hardest stretched'] : []),
    parts.lately ? 'used recently' : 'not used recently',
  ]);
}

function easeChange(how: JointEase): string {
  switch (how) {
    case 'longer sets':
      return 'These exercises get a higher rep range, so their loads are lighter.';
    case 'another set-up':
      return 'The exercises stay; these set-ups are easier on the joint.';
    case 'another implement':
      return 'The movement stays, with something that is easier on the joint.';
    case 'restricted range':
      return 'These exercises leave out the painful part.';
    case 'another exercise':
      return 'Other exercises for the same muscles that do not load the joint.';
  }
}

/** Advice to change nothing about a lift. */
export function leaveAlone(weeks: number): string {
  return `If the athlete is healthy, progressing and motivated, change nothing. A lift or a split needs at least ${weeks} weeks before it can be judged.`;
}
