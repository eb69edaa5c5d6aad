import { sendWeek } from './screens/block';

/** Everyday tasks: found in search by what people type, explained in two sentences on the glossary page. */
export interface Task {
  /** Anchor on the page. */
  readonly id: string;
  readonly name: string;
  readonly searches: readonly string[];
  readonly how: string;
}

export const TASKS: readonly Task[] = [
  {
    id: 'superset',
    name: 'Make a superset or circuit',
    searches: ['superset', 'giant set', 'circuit', 'alternate exercises'],
    how: 'In the Sheet, select the second exercise and press Alt J, or tick Superset in its details (Alt D). Join more exercises below for a giant set or circuit.',
  },
  {
    id: 'log',
    name: 'Log a session',
    searches: ['log a session', 'log workout', 'enter sets', 'correct a set'],
    how: 'The athlete logs in their app; “Open as athlete” in the block opens it for you. To correct a set, open the session from its minutes in the Sheet.',
  },
  {
    id: 'missed',
    name: 'Handle a missed session',
    searches: ['missed session', 'missed day', 'missed workout', 'reschedule', 'move a session'],
    how: 'The alert on the Desk offers the best days. You can also move or skip a session for one week under “Week … only” on the Split tab.',
  },
  {
    id: 'deload',
    name: 'Deload early',
    searches: ['early deload', 'deload now', 'recovery week', 'light week'],
    how: 'On the Split tab choose the week and press “Deload in week …”. The plan for that week moves back by one week.',
  },
  {
    id: 'progression',
    name: 'Change how loads progress',
    searches: ['progression', 'double progression', 'load rule', 'add weight', 'progressive overload'],
    how: 'Select the exercise in the Sheet, press Alt D and choose a progression rule. Loads of all coming weeks follow.',
  },
  {
    id: 'sets',
    name: 'Add a set',
    searches: ['add a set', 'more sets', 'extra set'],
    how: 'Type the number of sets in the Sets column, or type 4 × 8 at 60 into one week to change that week only. The athlete can add a set under “Change this set”.',
  },
  {
    id: 'rest',
    name: 'Use the rest timer',
    searches: ['rest timer', 'timer', 'stopwatch', 'metronome', 'countdown'],
    how: 'The athlete’s app starts the rest timer after each logged set. Rest is set in seconds in the Rest column of the Sheet.',
  },
  {
    id: 'swap',
    name: 'Swap an exercise',
    searches: ['swap exercise', 'replace exercise', 'substitute', 'change exercise'],
    how: 'Press Enter on the exercise in the Sheet and choose another one, or replace it everywhere with Alt R. Alternatives in the details let the athlete choose while training.',
  },
  {
    id: 'bests',
    name: 'Enter best sets',
    searches: ['best sets', 'starting loads', '1rm', 'one-rep max', 'enter maxes'],
    how: 'Open the athlete, then Strength, and type sets such as 100 × 8 @2. Loads of exercises without a best set are found in week 1.',
  },
  {
    id: 'send',
    name: 'Send a week to the athlete',
    searches: ['send week', 'publish week', 'share with athlete', 'invite athlete'],
    how: `Press “${sendWeek('…')}” in the block or on the Desk. Create a personal link under Profile > Phones so that the athlete can open it.`,
  },
];
