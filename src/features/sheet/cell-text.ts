import type { Athlete, Exercise, LadderSlot, PlannedSet, Rung, Slot, SlotRir } from '@/core';
import { exerciseById, loadGrid } from '@/core';
import { figure, load, span } from '@/ui/words/figures';
import { techniqueCell } from '@/ui/words/names';
import type { PrescriptionColumn } from './layout';

export function rirCell(rir: SlotRir): string {
  if (rir.kind === 'fixed') return figure(rir.rir);
  if (rir.offset === 0) return 'week';
  return `wk ${rir.offset > 0 ? '+' : '−'} ${Math.abs(rir.offset)}`;
}

/** The set from which the first load is found: the slot's own, or the athlete's best set. */
export function startCell(
  slot: Slot,
  exercise: Exercise | undefined,
  athlete: Athlete,
): { text: string; own: boolean } {
  const set = slot.start ?? athlete.bestSets[slot.exercise.id];
  if (set === undefined || exercise === undefined) return { text: '', own: false };
  const { unit } = loadGrid(exercise.loading, athlete.equipment);
  const value =
    set.load.unit === unit
      ? load(set.load.value, exercise.loading)
      : `${figure(set.load.value)} ${set.load.unit}`;
  return { text: `${value}×${set.reps}@${figure(set.rir)}`, own: slot.start !== null };
}

/** What a prescription cell shows, and how it reads when it is opened for typing. */
export function prescriptionCell(
  column: PrescriptionColumn,
  slot: Slot,
  athlete: Athlete,
  sets: number,
): { shown: string; typed: string; quiet: boolean } {
  const exercise = exerciseById(slot.exercise.id);
  const plain = (shown: string, quiet = false) => ({ shown, typed: shown, quiet });
  switch (column) {
    case 'slot':
      return plain(exercise?.name ?? slot.exercise.id);
    case 'sets':
      return plain(String(sets));
    case 'range':
      return plain(span(slot.range.low, slot.range.high));
    case 'rir':
      return plain(rirCell(slot.rir), slot.rir.kind === 'week' && slot.rir.offset === 0);
    case 'tempo':
      return slot.tempo === null ? { shown: '–', typed: '', quiet: true } : plain(slot.tempo);
    case 'rest':
      return plain(String(slot.rest));
    case 'how':
      return plain(techniqueCell(slot.technique), slot.technique.kind === 'straight');
    case 'start': {
      const { text, own } = startCell(slot, exercise, athlete);
      return { shown: text === '' ? 'find' : text, typed: own ? text : '', quiet: !own };
    }
  }
}

/** One run of sets alike: `3×11·62.5`. Reps are the first set's; later ones follow by drift. */
export interface SetLine {
  readonly text: string;
  /** How the logged first set compares with what was asked. */
  readonly mark: '▲' | '▼' | '';
  readonly logged: boolean;
}

/** The lines of a week's cell: what was done where it was logged, else what is asked. */
export function setLines(slot: LadderSlot, rung: Rung, sessionId: string): readonly SetLine[] {
  const performed = rung.performed.get(sessionId);
  const roles = [...new Set(slot.sets.map((set) => set.role))];
  return roles.map((role) => {
    const sets = slot.sets.filter((set) => set.role === role);
    const done = sets.flatMap((set) => performed?.sets.get(`${slot.slotId}/${set.id}`)?.set ?? []);
    const [first] = sets;
    const [did] = done;
    if (first === undefined) return { text: '', mark: '', logged: false };
    if (did === undefined)
      return { text: line(sets.length, first.reps, first.load, slot), mark: '', logged: false };
    const value = did.load.unit === slot.unit ? did.load.value : null;
    const text =
      value === null
        ? `${done.length}×${did.reps}·${figure(did.load.value)} ${did.load.unit}`
        : line(done.length, did.reps, value, slot);
    return { text, mark: markOf(first, did.reps, did.rir, value), logged: true };
  });
}

function line(count: number, reps: number, value: number | null, slot: LadderSlot): string {
  return `${count}×${reps}·${load(value, slot.loading)}`;
}

function markOf(asked: PlannedSet, reps: number, rir: number, value: number | null): SetLine['mark'] {
  const heavier = asked.load !== null && value !== null ? Math.sign(value - asked.load) : 0;
  const ahead = heavier !== 0 ? heavier : reps + rir - (asked.reps + asked.rir);
  return ahead > 0 ? '▲' : ahead < 0 ? '▼' : '';
}
