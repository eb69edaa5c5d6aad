import type { LocalDate } from '../calendar';
import { JOINTS } from '../exercises/exercise';

/** Why an exercise is swapped: the equipment is busy or missing, it hurts, or the slot was open. */
export const SWAP_REASONS = ['taken', 'not here', 'hurts', 'left open'] as const;
export type SwapReason = (typeof SWAP_REASONS)[number];

export const SKIP_REASONS = ['taken', 'not here', 'no time', 'no energy', 'hurts'] as const;
export type SkipReason = (typeof SKIP_REASONS)[number];

/** Where it hurts. */
export const PAIN_PLACES = [...JOINTS, 'neck', 'a muscle', 'elsewhere'] as const;
export type PainPlace = (typeof PAIN_PLACES)[number];
export const PAIN_GRADES = ['slight', 'clear', 'strong'] as const;
export type PainGrade = (typeof PAIN_GRADES)[number];

export const FELT = ['well', 'so so', 'poorly'] as const;
export type Felt = (typeof FELT)[number];

/**
 * How a session after a poor night is made easier: a fifth less load, a third fewer sets, or each set in two halves.
 */
export const RESCUES = ['lighter', 'fewer sets', 'in halves'] as const;
export type Rescue = (typeof RESCUES)[number];

export const RATINGS = ['too easy', 'right', 'too hard'] as const;
export type Rating = (typeof RATINGS)[number];

/** Longest comment of an athlete. */
export const LONGEST_LINE = 500;

interface Kinds {
  /** The actual day and starting hour, and what the phone recorded; a null time means as recorded. */
  readonly date: { readonly date: LocalDate; readonly time: string | null; readonly was: LocalDate };
  /** Trained at another place. */
  readonly place: { readonly place: string };
  readonly readiness: { readonly slept: Felt; readonly feels: Felt; readonly rescue: Rescue | null };
  /** Another exercise in a slot; the original one undoes a swap. */
  readonly swap: { readonly slotId: string; readonly exerciseId: string; readonly why: SwapReason };
  /** A skipped slot; null resumes it. */
  readonly skip: { readonly slotId: string; readonly why: SkipReason | null };
  /** One extra set. */
  readonly 'one more': { readonly slotId: string };
  /** Moved after everything else. */
  readonly later: { readonly slotId: string };
  /** Ends the exercise in which pain was felt; a null grade withdraws it. */
  readonly pain: {
    readonly slotId: string;
    readonly exerciseId: string;
    readonly where: PainPlace;
    readonly grade: PainGrade | null;
    readonly line: string;
  };
  /** An extra exercise, in a slot of its own. */
  readonly extra: { readonly slotId: string; readonly exerciseId: string };
  readonly rating: { readonly rating: Rating; readonly line: string };
}

export type NoteKind = keyof Kinds;

/** A note's content, without its header. */
export type NoteContent = { [K in NoteKind]: { readonly kind: K } & Kinds[K] }[NoteKind];

/** A note on a session beside its sets. Immutable: per kind, and per slot if it names one, the latest counts. */
export type SessionNote = NoteContent & {
  /** Made by the phone, so that sending it twice gives one note. */
  readonly id: string;
  /** When, ISO 8601, by the phone's clock. */
  readonly at: string;
};

type Note<K extends NoteKind> = Extract<SessionNote, { readonly kind: K }>;

/** The combined result of a session's notes. Slots by id. */
export interface NoteSummary {
  readonly date: Note<'date'> | null;
  readonly place: string | null;
  readonly readiness: Note<'readiness'> | null;
  readonly swaps: ReadonlyMap<string, Note<'swap'>>;
  readonly skips: ReadonlyMap<string, SkipReason>;
  /** Extra sets by slot. */
  readonly more: ReadonlyMap<string, number>;
  /** Slots put off, in that order. */
  readonly later: readonly string[];
  readonly pains: ReadonlyMap<string, Note<'pain'>>;
  readonly extras: readonly Note<'extra'>[];
  readonly rating: Note<'rating'> | null;
}

export function summariseNotes(notes: readonly SessionNote[]): NoteSummary {
  const sorted = [...notes].sort((a, b) => a.at.localeCompare(b.at));
  const of = <K extends NoteKind>(kind: K) => sorted.filter((note): note is Note<K> => note.kind === kind);
  const bySlot = <K extends 'swap' | 'skip' | 'pain' | 'extra'>(kind: K) =>
    new Map(of(kind).map((note) => [(note as { readonly slotId: string }).slotId, note]));
  return {
    date: of('date').at(-1) ?? null,
    place: of('place').at(-1)?.place ?? null,
    readiness: of('readiness').at(-1) ?? null,
    swaps: bySlot('swap'),
    skips: new Map(
      [...bySlot('skip')].flatMap(([slotId, { why }]) => (why === null ? [] : [[slotId, why] as const])),
    ),
    more: countBy(of('one more')),
    later: [
      ...new Set(
        of('later')
          .map(({ slotId }) => slotId)
          .reverse(),
      ),
    ].reverse(),
    pains: new Map([...bySlot('pain')].filter(([, { grade }]) => grade !== null)),
    extras: [...bySlot('extra').values()],
    rating: of('rating').at(-1) ?? null,
  };
}

/** How the session was made easier; null if trained as planned. */
export function dayEasing(notes: readonly SessionNote[]): Rescue | null {
  return notes.length === 0 ? null : (summariseNotes(notes).readiness?.rescue ?? null);
}

/** Notes with further ones added, each once. */
export function addNotes(
  notes: readonly SessionNote[],
  more: readonly SessionNote[],
): readonly SessionNote[] {
  const known = new Set(notes.map(({ id }) => id));
  const fresh = more.filter(({ id }) => !known.has(id) && known.add(id));
  return fresh.length === 0 ? notes : [...notes, ...fresh];
}

function countBy(notes: readonly { readonly slotId: string }[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { slotId } of notes) counts.set(slotId, (counts.get(slotId) ?? 0) + 1);
  return counts;
}
