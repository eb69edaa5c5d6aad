import type { SetPlan, SlotPlan, WeekState } from '@/core';
import { count, figure, load } from '@/ui/words/figures';

/** One run of sets alike: `3×11·62.5`. Reps are the first set's; later ones follow by drift. */
export interface SetLine {
  readonly text: string;
  /** How the logged first set compares with what was asked. */
  readonly mark: '▲' | '▼' | '';
  readonly logged: boolean;
}

/** The lines of a week's cell: what was done where it was logged, else what is asked. */
export function setLines(slot: SlotPlan, weekState: WeekState, sessionId: string): readonly SetLine[] {
  const performed = weekState.performed.get(sessionId);
  const roles = [...new Set(slot.sets.map((set) => set.role))];
  return roles.map((role) => {
    const sets = slot.sets.filter((set) => set.role === role && !set.optional);
    const done = sets.flatMap((set) => performed?.sets.get(`${slot.slotId}/${set.id}`)?.set ?? []);
    const [first] = sets;
    const [did] = done;
    if (first === undefined) return { text: '', mark: '', logged: false };
    const optional = slot.sets.some((set) => set.optional && set.role === role) ? '+?' : '';
    if (did === undefined)
      return { text: line(repsText(sets, slot), first.load, slot) + optional, mark: '', logged: false };
    const value = did.load.unit === slot.unit ? did.load.value : null;
    const reps = isRounds(sets)
      ? done.map((one) => one.reps).join('+')
      : `${done.length}×${count(did.reps, slot).replace(' ', '')}${partials(did.more?.partials)}`;
    const text =
      value === null ? `${reps}·${figure(did.load.value)} ${did.load.unit}` : line(reps, value, slot);
    return { text, mark: markOf(first, did.reps, did.rir, value), logged: true };
  });
}

const isRounds = (sets: readonly SetPlan[]) => sets.some(({ piece }) => piece > 1);
const partials = (many: number | undefined) => (many === undefined || many === 0 ? '' : `+${many}`);

/** Reps of some sets: `3×10`; of mini-sets `10+4+4`, `2×4×3`, `2…6`. */
function repsText(sets: readonly SetPlan[], slot: SlotPlan): string {
  const [first] = sets;
  if (first === undefined) return '';
  if (!isRounds(sets)) {
    const extra = sets.at(-1)?.sections.reduce((sum, { reps }) => sum + reps, 0) ?? 0;
    return `${sets.length}×${count(first.reps, slot).replace(' ', '')}${partials(extra)}`;
  }
  const rounds = sets.filter(({ piece }) => piece === 1).length;
  const round = sets.filter((set) => set.round === first.round).map(({ reps }) => reps);
  const many = rounds > 1 ? `${rounds}×` : '';
  const last = round.at(-1) ?? 0;
  if (round.every((reps) => reps === first.reps)) return `${many}${round.length}×${first.reps}`;
  const steps = new Set(round.slice(1).map((reps, at) => reps - (round[at] ?? 0)));
  if (round.length > 3 && steps.size === 1) return `${many}${first.reps}…${last}`;
  if (rounds > 1) return `${many}${first.reps}+…`;
  return round.length > 3 ? `${round.slice(0, 2).join('+')}+…` : round.join('+');
}

function line(reps: string, value: number | null, slot: SlotPlan): string {
  if (slot.loading === 'none') return value === null ? `${reps} find` : reps;
  const moved = load(value, slot.loading);
  // A sign stands for the dot: `3×8 −15`, not `3×8·−15`.
  return /^[+−]/.test(moved) ? `${reps} ${moved}` : `${reps}·${moved}`;
}

function markOf(asked: SetPlan, reps: number, rir: number, value: number | null): SetLine['mark'] {
  const heavier = asked.load !== null && value !== null ? Math.sign(value - asked.load) : 0;
  const ahead = heavier !== 0 ? heavier : reps + rir - (asked.reps + asked.rir);
  return ahead > 0 ? '▲' : ahead < 0 ? '▼' : '';
}
