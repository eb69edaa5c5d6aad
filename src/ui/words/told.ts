import type { CheckIn, SessionNote } from '@/core';
import { longDay } from './dates';
import { figure, listed } from './figures';
import type { ExerciseNames } from './names';

/** What an athlete told of a session, for the coach: a phrase without a full stop. */
export function noteSentence(
  note: SessionNote,
  names: ExerciseNames,
  planned: (slotId: string) => string,
  placeName: (id: string) => string,
): string {
  switch (note.kind) {
    case 'date':
      return `trained on ${longDay(note.date)}${note.time === null ? '' : ` from ${note.time}`}; the phone had ${longDay(note.was)}`;
    case 'place':
      return `at ${placeName(note.place)}`;
    case 'readiness':
      return `slept ${note.slept}, felt ${note.feels}${note.rescue === null ? '' : `; rescued: ${RESCUED[note.rescue]}`}`;
    case 'swap':
      return note.exerciseId === planned(note.slotId)
        ? `${names(note.exerciseId)} after all`
        : `${names(note.exerciseId)} instead of ${names(planned(note.slotId))}: ${note.why}`;
    case 'skip':
      return `${names(planned(note.slotId))} ${note.why === null ? 'taken up again' : `left out: ${note.why}`}`;
    case 'one more':
      return `a set more of ${names(planned(note.slotId))}`;
    case 'later':
      return `${names(planned(note.slotId))} put off to the end`;
    case 'pain':
      return note.grade === null
        ? `${names(note.exerciseId)}: no pain, told by mistake`
        : `${note.grade} pain, ${note.where}, in ${names(note.exerciseId)}${note.line === '' ? '' : `: “${note.line}”`}`;
    case 'extra':
      return `${names(note.exerciseId)} beyond the plan`;
    case 'rating':
      return `${note.rating}${note.line === '' ? '' : `: “${note.line}”`}`;
  }
}

const RESCUED = {
  lighter: 'a fifth less load',
  'fewer sets': 'a third fewer sets',
  'in halves': 'each set in two halves',
} as const;

/** Aches of a check-in, in a few words. */
export function achesText({ aches }: Pick<CheckIn, 'aches'>): string {
  return aches.length === 0 ? '' : listed(aches.map(({ joint, grade }) => `${joint} ${grade}`));
}

/** What was measured with a check-in. */
export function measuredText({
  measured,
  restingHeartRate,
}: Pick<CheckIn, 'measured' | 'restingHeartRate'>): string {
  const parts = measured.map(({ kind, value, unit }) => `${kind} ${figure(value)} ${unit}`);
  return [...parts, ...(restingHeartRate === null ? [] : [`heart ${restingHeartRate}`])].join(', ');
}

/** How much a sign weighs. */
export const SIGN_WEIGHTS = ['none', 'some', 'clear'] as const;

interface SetLike {
  readonly exerciseId: string;
  readonly load: { readonly value: number; readonly unit: string };
  readonly reps: number;
  readonly rir: number;
}

/** What a phone has that was not taken, as far as it can be read. */
export function refusedText(item: string, names: ExerciseNames): string {
  try {
    const { set, localDate } = JSON.parse(item) as { set?: SetLike; localDate?: string };
    if (set === undefined) return `Something else of ${localDate ?? 'a day unknown'}`;
    const { exerciseId, load, reps, rir } = set;
    return `${localDate ?? ''} ${names(exerciseId)}: ${reps} at ${load.value} ${load.unit}, ${rir} left`.trim();
  } catch {
    return 'Something that cannot be read';
  }
}
