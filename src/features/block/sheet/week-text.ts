import { insideOf, type LoggedSet, type SetPlan, type SlotPlan, type WeekState } from '@/core';
import { clock, count, figure, load, reserve } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/sheet';
import { afterCell, sectionsCell } from '@/ui/words/techniques';

/** Sets of one part: `3×11·62.5` where all are alike, `12 11 10·62.5` where they differ; what was left behind it. */
export interface SetLine {
  readonly text: string;
  /** How the logged first set compares with what was asked. */
  readonly mark: '▲' | '▼' | '';
  readonly logged: boolean;
}

/** Letters that stand on one line of a week's cell; more go on a second. */
const MOST_LETTERS = 13;
/** What was done stands in heavier letters, with a mark before them. */
const MOST_DONE_LETTERS = 11;

/** The lines of a week's cell: what was done where it was logged, else what is asked. Nothing that differs is hidden. */
export function setLines(slot: SlotPlan, weekState: WeekState, sessionId: string): readonly SetLine[] {
  const performed = weekState.performed.get(sessionId);
  const roles = [...new Set(slot.sets.map((set) => set.role))];
  return roles.flatMap((role): SetLine[] => {
    const sets = slot.sets.filter((set) => set.role === role && !set.optional);
    const [first] = sets;
    if (first === undefined) return [{ text: '', mark: '', logged: false }];
    const done = slot.sets
      .filter((set) => set.role === role)
      .flatMap((set) => performed?.sets.get(`${slot.slotId}/${set.id}`)?.set ?? []);
    if (done.length > 0) return doneLines(first, done, isRounds(sets), slot);
    const optional = slot.sets.some((set) => set.optional && set.role === role) ? '+?' : '';
    return askedLines(sets, optional, slot);
  });
}

function askedLines(sets: readonly SetPlan[], optional: string, slot: SlotPlan): SetLine[] {
  const [first] = sets;
  if (first === undefined) return [];
  const reserves = isRounds(sets) ? [] : sets.map(({ rir }) => reserve(rir));
  const left = new Set(reserves).size > 1 ? ` @${reserves.join(' ')}` : '';
  // A part whose load changes from set to set: one run of sets after the other.
  const runs = runsOf(sets, isRounds(sets) ? roundLoad(sets) : ({ load: value }) => value);
  const texts = runs.map((run) => [repsText(run, slot), run[0]?.load ?? null] as const);
  const [only] = texts;
  if (texts.length === 1 && only !== undefined) return wrapped(only[0], only[1], slot, left + optional);
  return [...texts.map(([reps, value]) => line(reps, value, slot)), left.trim()]
    .filter((text) => text !== '')
    .map((text) => ({ text, mark: '', logged: false }));
}

function doneLines(asked: SetPlan, done: readonly LoggedSet[], rounds: boolean, slot: SlotPlan): SetLine[] {
  const value = ({ load: { value: lifted, unit } }: LoggedSet) => (unit === slot.unit ? lifted : null);
  const [did] = done;
  if (did === undefined) return [];
  const mark = markOf(asked, did.reps, did.rir, value(did));
  const lines = runsOf(done, ({ load: { value: lifted, unit } }) => `${lifted}/${unit}`).flatMap(
    (run, at) => {
      const [of] = run;
      if (of === undefined) return [];
      const each = run.map((one) => repsDone(one, slot));
      const reps = `${rounds ? each.join('+') : alike(each)}${sumText(run, slot)}`;
      const left = `${timeText(run)} @${alikeReserve(run.map(({ rir }) => reserve(rir)))}`;
      const made =
        value(of) === null
          ? parts(reps, `·${figure(of.load.value)} ${of.load.unit}`, left, MOST_DONE_LETTERS)
          : wrapped(reps, value(of), slot, left, MOST_DONE_LETTERS).map(({ text }) => text);
      return made.map((text, k): SetLine => ({ text, mark: at === 0 && k === 0 ? mark : '', logged: true }));
    },
  );
  return lines;
}

/** Reps of a set as it was done: full ones, what followed them, those with help; `~` where form was not clean. */
function repsDone({ reps, more }: LoggedSet, slot: SlotPlan): string {
  const helped = more?.assisted !== undefined && more.assisted > 0 ? screenWords.withHelp(more.assisted) : '';
  const unclean = more?.unclean === true ? '~' : '';
  return `${count(reps, slot).replace(' ', '')}${afterCell(more ?? {})}${helped}${unclean}`;
}

/** Reps, load and what is left, on one line or on two. */
function wrapped(
  reps: string,
  value: number | null,
  slot: SlotPlan,
  left: string,
  most = MOST_LETTERS,
): SetLine[] {
  const whole = line(reps, value, slot);
  const made = whole.startsWith(reps)
    ? parts(reps, whole.slice(reps.length), left, most)
    : parts(whole, '', left, most);
  return made.map((text) => ({ text, mark: '', logged: false }));
}

function parts(reps: string, loaded: string, left: string, most = MOST_LETTERS): string[] {
  // Reps of many sets go on below: what stands on one line would be cut.
  const at = reps.length > most ? reps.lastIndexOf(' ', most) : -1;
  if (at > 0) return [reps.slice(0, at), ...parts(reps.slice(at + 1), loaded, left, most)];
  if (`${reps}${loaded}${left}`.length <= most) return [`${reps}${loaded}${left}`];
  if (`${reps}${loaded}`.length <= most)
    return left === '' ? [`${reps}${loaded}`] : [`${reps}${loaded}`, left.trim()];
  return [reps, `${loaded}${left}`.trim()];
}

/** Neighbours that share something, run by run. */
function runsOf<T>(list: readonly T[], by: (one: T) => unknown): T[][] {
  const runs: T[][] = [];
  for (const one of list) {
    const run = runs.at(-1);
    const [first] = run ?? [];
    if (run !== undefined && first !== undefined && by(first) === by(one)) run.push(one);
    else runs.push([one]);
  }
  return runs;
}

/** `3×10` where all are one, `10` where there is one, else each: `12 11 10`. */
function alike(each: readonly string[]): string {
  if (each.length === 1) return each[0] ?? '';
  return new Set(each).size === 1 ? `${each.length}×${each[0]}` : each.join(' ');
}

const alikeReserve = (each: readonly number[]) =>
  new Set(each).size === 1 ? String(each[0]) : each.join(' ');

/** The load that a set's round begins with: what drops within it is one run all the same. */
function roundLoad(sets: readonly SetPlan[]): (set: SetPlan) => number | null {
  const loads = new Map(
    sets.flatMap(({ piece, round, load: value }) => (piece === 1 ? [[round, value]] : [])),
  );
  return ({ round }) => loads.get(round) ?? null;
}

const isRounds = (sets: readonly SetPlan[]) => sets.some(({ piece }) => piece > 1);

/** The time that was noted with some sets. */
function timeText(run: readonly LoggedSet[]): string {
  const timed = run.findLast(({ more }) => more?.seconds !== undefined);
  return timed?.more?.seconds === undefined ? '' : ` ${clock(timed.more.seconds)}`;
}

/** The sum of a rep bank, which is its number to beat. */
function sumText(sets: readonly { readonly reps: number }[], { technique }: SlotPlan): string {
  if (insideOf(technique).kind !== 'rep bank' || sets.length < 2) return '';
  return ` =${sets.reduce((sum, { reps }) => sum + reps, 0)}`;
}

/** Reps of some sets: `3×10` or `12 11 10`; of mini-sets `10+4+4`, `2×4×3`, `2…6`. */
function repsText(sets: readonly SetPlan[], slot: SlotPlan): string {
  const [first] = sets;
  if (first === undefined) return '';
  if (!isRounds(sets))
    return `${alike(
      sets.map(({ reps, sections }) => `${count(reps, slot).replace(' ', '')}${sectionsCell(sections)}`),
    )}${sumText(sets, slot)}`;
  const rounds = [...new Set(sets.map(({ round }) => round))].map((round) =>
    roundText(sets.filter((set) => set.round === round)),
  );
  const [round = ''] = rounds;
  if (rounds.length === 1) return round;
  if (new Set(rounds).size > 1) return rounds.join(' ');
  // Several rounds of unlike pieces: `3×(10+6)`.
  return `${rounds.length}×${round.includes('+') ? `(${round})` : round}`;
}

/** One round: `4×3` of many alike pieces, `2…6` of even steps, else each: `10+4+4`. */
function roundText(pieces: readonly Pick<SetPlan, 'reps' | 'manner'>[]): string {
  const halves = new Set(pieces.map(({ manner }) => manner)).size > 1;
  if (halves)
    return pieces.map(({ reps: each, manner }) => (manner === 'full' ? each : `${each}½`)).join('+');
  const reps = pieces.map(({ reps: each }) => each);
  const first = reps[0] ?? 0;
  if (reps.length > 3 && reps.every((one) => one === first)) return `${reps.length}×${first}`;
  const steps = new Set(reps.slice(1).map((one, at) => one - (reps[at] ?? 0)));
  return reps.length > 3 && steps.size === 1 && !steps.has(0) ? `${first}…${reps.at(-1)}` : reps.join('+');
}

function line(reps: string, value: number | null, slot: SlotPlan): string {
  if (slot.loading === 'none') return value === null ? screenWords.find(reps) : reps;
  const moved = load(value, slot.loading);
  // A sign stands for the dot: `3×8 −15`, not `3×8·−15`.
  return /^[+−]/.test(moved) ? `${reps} ${moved}` : `${reps}·${moved}`;
}

function markOf(asked: SetPlan, reps: number, rir: number, value: number | null): SetLine['mark'] {
  const heavier = asked.load !== null && value !== null ? Math.sign(value - asked.load) : 0;
  const ahead = heavier !== 0 ? heavier : reps + rir - (asked.reps + asked.rir);
  return ahead > 0 ? '▲' : ahead < 0 ? '▼' : '';
}
