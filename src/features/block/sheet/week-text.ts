import { innerTechnique, type LoggedSet, type SetPlan, type SlotPlan, type WeekState } from '@/core';
import { clock, count, load, loadWithUnit, reserveText } from '@/ui/words/figures';
import { afterCell, sectionsCell } from '@/ui/words/techniques';

/** A line of a week's cell: `107.5 × 10 @4`, with the load in its own column. */
export interface SetLine {
  /** Empty for exercises without a load, and where a line continues. */
  readonly load: string;
  /** What follows the load: `10 @4`, `13, 12, 11`. */
  readonly reps: string;
  /** The logged first set compared with its target. */
  readonly mark: '▲' | '▼' | '';
  readonly logged: boolean;
}

/** A line as text: `107.5 × 10 @4`. */
export function lineText({ load: moved, reps }: SetLine): string {
  return moved === '' ? reps : `${moved} × ${reps}`;
}

/** A whole cell as text that can be pasted back: `107.5 × 10; 100 × 13, 12, 11`. */
export function cellAsText(lines: readonly SetLine[]): string {
  return lines.reduce((text, line) => {
    if (text === '') return lineText(line);
    // A line without a load continues the reps above it.
    return text.endsWith(',') ? `${text} ${lineText(line)}` : `${text}; ${lineText(line)}`;
  }, '');
}

/** A cell has at most two lines: the top set and its back-offs, or one part on two lines. */
const MOST_LINES = 2;
/** Characters of reps that fit on a line beside a load. */
const MOST_LETTERS = 13;

/**
 * The lines of a week's cell: what was done if it is logged, otherwise the plan. RIR is only shown where it differs
 * from the week's in the column's head.
 */
export function setLines(slot: SlotPlan, weekState: WeekState, sessionId: string): readonly SetLine[] {
  const performed = weekState.performed.get(sessionId);
  const weekRir = weekState.plan.rir;
  const roles = [...new Set(slot.sets.map((set) => set.role))];
  const parts = roles.flatMap((role): SetLine[] => {
    const sets = slot.sets.filter((set) => set.role === role && !set.optional);
    const [first] = sets;
    if (first === undefined) return [];
    const done = slot.sets
      .filter((set) => set.role === role)
      .flatMap((set) => performed?.sets.get(`${slot.slotId}/${set.id}`)?.set ?? []);
    if (done.length > 0) return doneLines(first, done, isRounds(sets), slot, weekRir);
    const optional = slot.sets.some((set) => set.optional && set.role === role) ? ' +?' : '';
    return plannedLines(sets, optional, slot, weekRir);
  });
  const [only] = parts;
  if (parts.length === 1 && only !== undefined) return split(only);
  return parts.length <= MOST_LINES
    ? parts
    : [...parts.slice(0, MOST_LINES - 1), merged(parts.slice(MOST_LINES - 1))];
}

/** A long list of reps continues on a second line, and never breaks inside a figure. */
function split(line: SetLine): SetLine[] {
  if (line.reps.length <= MOST_LETTERS) return [line];
  const at = line.reps.lastIndexOf(', ', MOST_LETTERS);
  if (at < 0) return [line];
  return [
    { ...line, reps: line.reps.slice(0, at + 1) },
    { ...line, load: '', reps: line.reps.slice(at + 2), mark: '' },
  ];
}

/** Lines sharing one line: `110 × 2+2+2, 120 × 1`. */
function merged(lines: readonly SetLine[]): SetLine {
  const [first, ...others] = lines as [SetLine, ...SetLine[]];
  return { ...first, reps: [first.reps, ...others.map(lineText)].join(', ') };
}

function plannedLines(
  sets: readonly SetPlan[],
  optional: string,
  slot: SlotPlan,
  weekRir: number,
): SetLine[] {
  const reserves = isRounds(sets) ? sets.slice(-1) : sets;
  const rir = rirText(
    reserves.map((set) => reserveText(set.rir)),
    weekRir,
  );
  // A part whose load changes has a line per load.
  const runs = runsOf(sets, isRounds(sets) ? roundLoad(sets) : ({ load: value }) => value);
  return runs.map((run, at) => ({
    load: loadText(run[0]?.load ?? null, slot),
    reps: `${repsText(run, slot)}${at === runs.length - 1 ? `${rir}${optional}` : ''}`,
    mark: '',
    logged: false,
  }));
}

function doneLines(
  asked: SetPlan,
  done: readonly LoggedSet[],
  rounds: boolean,
  slot: SlotPlan,
  weekRir: number,
): SetLine[] {
  const [did] = done;
  if (did === undefined) return [];
  const inUnit = ({ load: { value, unit } }: LoggedSet) => (unit === slot.unit ? value : null);
  const mark = comparisonMark(asked, did.reps, did.rir, inUnit(did));
  return runsOf(done, ({ load: { value, unit } }) => `${value}/${unit}`).map((run, at) => {
    const [of] = run as [LoggedSet, ...LoggedSet[]];
    const reps = run.map((one) => repsDone(one, slot)).join(rounds ? '+' : ', ');
    const rir = rirText(
      (rounds ? run.slice(-1) : run).map((set) => reserveText(set.rir)),
      weekRir,
    );
    return {
      load:
        inUnit(of) === null
          ? loadWithUnit(of.load.value, slot.loading, of.load.unit)
          : loadText(of.load.value, slot),
      reps: `${reps}${sumText(run, slot)}${timeText(run)}${rir}`,
      mark: at === 0 ? mark : '',
      logged: true,
    };
  });
}

/** The load, or nothing for an exercise without one. */
function loadText(value: number | null, slot: SlotPlan): string {
  if (slot.loading === 'none') return value === null ? 'find' : '';
  return load(value, slot.loading);
}

/** ` @3`, ` @2, 2, 0`, ` @5+`; nothing if all sets end at the week's RIR. */
function rirText(each: readonly string[], weekRir: number): string {
  if (each.every((one) => one === String(weekRir))) return '';
  return ` @${new Set(each).size === 1 ? each[0] : each.join(', ')}`;
}

/** A set's reps as done: full ones, what followed, assisted ones; `~` for unclean form. */
function repsDone({ reps, more }: LoggedSet, slot: SlotPlan): string {
  const helped = more?.assisted !== undefined && more.assisted > 0 ? `+${more.assisted}h` : '';
  const unclean = more?.unclean === true ? '~' : '';
  return `${count(reps, slot)}${afterCell(more ?? {})}${helped}${unclean}`;
}

/** Consecutive items with something in common. */
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

/** The load at the start of a set's round: a drop inside a round does not start a new group. */
function roundLoad(sets: readonly SetPlan[]): (set: SetPlan) => number | null {
  const loads = new Map(
    sets.flatMap(({ piece, round, load: value }) => (piece === 1 ? [[round, value]] : [])),
  );
  return ({ round }) => loads.get(round) ?? null;
}

const isRounds = (sets: readonly SetPlan[]) => sets.some(({ piece }) => piece > 1);

/** The logged time of some sets. */
function timeText(run: readonly LoggedSet[]): string {
  const timed = run.findLast(({ more }) => more?.seconds !== undefined);
  return timed?.more?.seconds === undefined ? '' : ` ${clock(timed.more.seconds)}`;
}

/** The sum of a rep bank, which is to be beaten. */
function sumText(sets: readonly { readonly reps: number }[], { technique }: SlotPlan): string {
  if (innerTechnique(technique).kind !== 'rep bank' || sets.length < 2) return '';
  return ` =${sets.reduce((sum, { reps }) => sum + reps, 0)}`;
}

/** Reps of sets: `12, 11, 10`; of mini-sets `10+4+4`, `4×3`, `2…6`. */
function repsText(sets: readonly SetPlan[], slot: SlotPlan): string {
  if (!isRounds(sets))
    return `${sets
      .map(({ reps, sections }) => `${count(reps, slot)}${sectionsCell(sections)}`)
      .join(', ')}${sumText(sets, slot)}`;
  const rounds = [...new Set(sets.map(({ round }) => round))].map((round) =>
    roundText(sets.filter((set) => set.round === round)),
  );
  const [round = ''] = rounds;
  if (rounds.length === 1) return round;
  if (new Set(rounds).size > 1) return rounds.join(', ');
  // Several equal rounds of different parts: `3×(10+6)`.
  return `${rounds.length}×${round.includes('+') ? `(${round})` : round}`;
}

/** One round: `4×3` for equal parts, `2…6` for even steps, otherwise each: `10+4+4`. */
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

function comparisonMark(asked: SetPlan, reps: number, rir: number, value: number | null): SetLine['mark'] {
  const heavier = asked.load !== null && value !== null ? Math.sign(value - asked.load) : 0;
  const ahead = heavier !== 0 ? heavier : reps + rir - (asked.reps + asked.rir);
  return ahead > 0 ? '▲' : ahead < 0 ? '▼' : '';
}
