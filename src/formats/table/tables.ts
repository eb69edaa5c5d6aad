import {
  DRIVES,
  FELT,
  GOALS,
  JOINTS,
  LINGERING,
  MEASUREMENT_UNITS,
  MEASUREMENTS,
  MUSCLES,
  PAIN_GRADES,
  UNITS,
} from '@/core';
import { type CellKind, column, day, instant, maybe, number, oneOf, type RowOf, text } from './column';

const reps = maybe(number(0, 3600, true));
const sets = number(0, 1000);

/** One line per set that counts: corrected ones are left out. */
export const LOG = {
  date: column(day, 'date of the session'),
  at: column(instant, 'when it was logged'),
  block: column(text, 'name of the block'),
  week: column(number(1, 60, true), 'week of the block'),
  session: column(text, 'name of the session'),
  exercise: column(text, 'name of the exercise performed'),
  exercise_id: column(text, 'its id in the library'),
  set: column(number(1, 200, true), 'which set of the exercise in its session'),
  load: column(number(-9999, 9999), 'load; for bodyweight exercises what was added, negative for assistance'),
  unit: column(oneOf(UNITS), 'of the load'),
  reps: column(number(0, 10_000, true), 'full reps, or seconds of a hold'),
  rir: column(number(0, 30), 'reps in reserve, as reported'),
  partials: column(reps, 'partial reps after them'),
  assisted: column(reps, 'reps with help'),
  held: column(reps, 'seconds held after the last rep'),
  lowered: column(reps, 'lowered reps after the last rep'),
  clean: column(oneOf(['yes', 'no']), 'whether form was clean'),
  seconds: column(reps, 'seconds taken, where time counts'),
  left: column(reps, 'reps of the left side, where sides were logged'),
  right: column(reps, 'reps of the right side'),
  note: column(text, 'note'),
  entered_by: column(oneOf(['athlete', 'coach']), 'who logged it'),
} as const;

interface Ache {
  readonly joint: (typeof JOINTS)[number];
  readonly grade: (typeof PAIN_GRADES)[number];
}

const aches: CellKind<readonly Ache[]> = {
  holds: `joint: grade; … of ${JOINTS.join(', ')} and ${PAIN_GRADES.join(', ')}`,
  write: (list) => list.map(({ joint, grade }) => `${joint}: ${grade}`).join('; '),
  read: (given) => {
    const list = given === '' ? [] : given.split(';');
    const read = list.flatMap((one): readonly Ache[] => {
      const [joint, grade] = one.split(':').map((part) => part.trim());
      const [found, how] = [
        JOINTS.find((name) => name === joint),
        PAIN_GRADES.find((name) => name === grade),
      ];
      return found === undefined || how === undefined ? [] : [{ joint: found, grade: how }];
    });
    return read.length === list.length ? read : undefined;
  },
};

/** One line per check-in; its measurements are in the measurements table. */
export const CHECK_INS = {
  date: column(day, 'date'),
  slept: column(oneOf(FELT), 'sleep'),
  drive: column(oneOf(DRIVES), 'motivation'),
  appetite: column(oneOf(FELT), 'appetite'),
  soreness: column(oneOf(LINGERING), 'soreness over the week'),
  aches: column(aches, 'joints that ache'),
  resting_heart_rate: column(maybe(number(25, 220, true)), 'beats per minute after waking'),
  line: column(text, 'note of the athlete'),
} as const;

export const MEASURED = {
  date: column(day, 'date'),
  what: column(oneOf(MEASUREMENTS), 'what was measured'),
  value: column(number(0, 9999), 'value'),
  unit: column(oneOf(MEASUREMENT_UNITS), 'of the value'),
} as const;

/** One line per muscle and week of a block. */
export const VOLUME = {
  block: column(text, 'name of the block'),
  week: column(number(1, 60, true), 'week of the block'),
  begins: column(day, 'first day of the week'),
  kind: column(oneOf(['building', 'deload']), 'building or deload'),
  status: column(oneOf(['planned', 'issued', 'done']), 'planned, sent (issued) or done'),
  muscle: column(oneOf(MUSCLES), 'the muscle'),
  goal: column(oneOf(GOALS), 'goal in this block'),
  sets: column(sets, 'hard sets a week, indirect ones by their share; what was done in weeks that are over'),
  times: column(number(0, 100), 'sessions a week that train it'),
  hold: column(sets, 'maintenance, weekly sets'),
  floor: column(sets, 'minimum, weekly sets'),
  ceiling: column(sets, 'maximum, weekly sets'),
} as const;

/** All tables; each is a file. */
export const TABLES = { log: LOG, 'check-ins': CHECK_INS, measurements: MEASURED, volume: VOLUME } as const;
export type TableName = keyof typeof TABLES;

export type LogRow = RowOf<typeof LOG>;
export type CheckInRow = RowOf<typeof CHECK_INS>;
export type MeasuredRow = RowOf<typeof MEASURED>;
export type VolumeRow = RowOf<typeof VOLUME>;
