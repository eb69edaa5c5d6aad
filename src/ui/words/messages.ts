import type { CheckIn, SessionNote } from '@/core';
import { longDay } from './dates';
import { figure, listed } from './figures';
import type { ExerciseNames } from './names';
import { screenWord } from './values';

/** What an athlete reported in a session, for the coach: a phrase without a full stop. */
export function noteSentence(
  note: SessionNote,
  names: ExerciseNames,
  planned: (slotId: string) => string,
  placeName: (id: string) => string,
): string {
  switch (note.kind) {
    case 'date':
      return `trained on ${longDay(note.date)}${note.time === null ? '' : ` from ${note.time}`}; the phone’s date was ${longDay(note.was)}`;
    case 'place':
      return `at ${placeName(note.place)}`;
    case 'readiness':
      return `sleep ${screenWord(note.slept)}, feeling ${screenWord(note.feels)}${note.rescue === null ? '' : `; today: ${RESCUED[note.rescue]}`}`;
    case 'swap':
      return note.exerciseId === planned(note.slotId)
        ? `${names(note.exerciseId)} as planned after all`
        : `${names(note.exerciseId)} instead of ${names(planned(note.slotId))}: ${screenWord(note.why)}`;
    case 'skip':
      return `${names(planned(note.slotId))} ${note.why === null ? 'done after all' : `skipped: ${screenWord(note.why)}`}`;
    case 'one more':
      return `one extra set of ${names(planned(note.slotId))}`;
    case 'later':
      return `${names(planned(note.slotId))} moved to the end`;
    case 'pain':
      return note.grade === null
        ? `${names(note.exerciseId)}: no pain, entered by mistake`
        : `${screenWord(note.grade)} pain, ${screenWord(note.where)}, in ${names(note.exerciseId)}${note.line === '' ? '' : `: “${note.line}”`}`;
    case 'extra':
      return `${names(note.exerciseId)} as an extra exercise`;
    case 'rating':
      return `${screenWord(note.rating)}${note.line === '' ? '' : `: “${note.line}”`}`;
  }
}

const RESCUED = {
  lighter: 'a fifth less load',
  'fewer sets': 'a third fewer sets',
  'in halves': 'each set in two halves',
} as const;

/** Aching joints of a check-in, in a few words. */
export function achesText({ aches }: Pick<CheckIn, 'aches'>): string {
  return aches.length === 0 ? '' : listed(aches.map(({ joint, grade }) => `${joint} ${screenWord(grade)}`));
}

/** What was measured with a check-in. */
export function measuredText({
  measured,
  restingHeartRate,
}: Pick<CheckIn, 'measured' | 'restingHeartRate'>): string {
  const parts = measured.map(({ kind, value, unit }) => `${kind} ${figure(value)} ${unit}`);
  return [...parts, ...(restingHeartRate === null ? [] : [`resting heart rate ${restingHeartRate}`])].join(
    ', ',
  );
}

/** How strong a sign of fatigue is. */
export const SIGN_WEIGHTS = ['none', 'some', 'strong'] as const;

interface SetLike {
  readonly exerciseId: string;
  readonly load: { readonly value: number; readonly unit: string };
  readonly reps: number;
  readonly rir: number;
}

/** An entry of a phone that the server did not accept, as far as it can be read. */
export function refusedText(item: string, names: ExerciseNames): string {
  try {
    const { set, localDate } = JSON.parse(item) as { set?: SetLike; localDate?: string };
    if (set === undefined) return `A note of ${localDate ?? 'an unknown day'}`;
    const { exerciseId, load, reps, rir } = set;
    return `${localDate ?? ''} ${names(exerciseId)}: ${load.value} ${load.unit} × ${reps} @${rir}`.trim();
  } catch {
    return 'An entry that cannot be read';
  }
}
