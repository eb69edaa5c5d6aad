import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { findSlot } from '../block/block';
import { type SeenSession, sessionsOf } from '../findings/cycle';
import type { CheckInput, Finding } from '../findings/finding';
import { calendarFindings } from '../findings/registry';
import { setCost } from '../timing/set-cost';

/** The state of the current cycle. Days are days of the cycle. */
export interface Situation {
  /** Finished sessions. */
  readonly done: ReadonlySet<string>;
  /** The first day still available. */
  readonly today: number;
  /** Days no longer available. */
  readonly gone: ReadonlySet<number>;
  /** Calendar rules broken by the original plan, by finding; absent: those broken now. */
  readonly usual?: ReadonlySet<string>;
}

export interface Move {
  readonly sessionId: string;
  readonly from: number;
  readonly to: number;
}

/** A way to continue the week. */
export interface MissedOption {
  readonly kind: 'move' | 'merge' | 'drop';
  readonly moves: readonly Move[];
  /** Sessions that are skipped, or whose best slots go into another. */
  readonly left: readonly string[];
  /** The session that receives the slots of a merged one, and which slots. */
  readonly into: { readonly sessionId: string; readonly slotIds: readonly string[] } | null;
  /** Weekly sets each muscle loses. */
  readonly cost: ReadonlyMap<Muscle, number>;
  /** Calendar rules it breaks that the plan did not. */
  readonly breaks: readonly Finding[];
}

const MOST_OPTIONS = 3;
/** Most moves tried if fewer are enough. */
const MOST_MOVES = 3;

/**
 * Suggests how to continue when sessions were missed or days are unavailable: the arrangement on the remaining days
 * that keeps gaps and day-order rules with the fewest moves; if none fits, two sessions merged, cut to priority slots
 * within the time limit; then the least valuable one skipped. If moving breaks nothing, skipping the missed session
 * is the alternative.
 * @returns two or three options, best first; none if nothing was missed and every needed day is available
 */
export function missedSessionOptions(input: CheckInput, situation: Situation): readonly MissedOption[] {
  const sessions = sessionsOf(input);
  const left = sessions.filter(({ session }) => !situation.done.has(session.sessionId));
  const fine = ({ session }: SeenSession) =>
    session.day >= situation.today && !situation.gone.has(session.day);
  if (left.length === 0) return [];
  if (left.every(fine) && [...brokenRules(input)].every((id) => situation.usual?.has(id) ?? true)) return [];
  const days = Array.from({ length: input.block.cycleDays }, (_, day) => day).filter(
    (day) => day >= situation.today && !situation.gone.has(day),
  );
  const usual = situation.usual ?? brokenRules(input);
  const arrange = (kept: readonly SeenSession[]) => bestArrangement(kept, days, input, usual);

  const options: MissedOption[] = [];
  const whole = arrange(left);
  if (whole !== undefined) options.push({ kind: 'move', ...whole, left: [], into: null, cost: new Map() });
  if (whole === undefined || whole.breaks.length > 0) {
    const merged = mergedOption(left, arrange, input);
    if (merged !== undefined) options.push(merged);
  }
  // If moving costs nothing, the alternative is to skip the missed session; otherwise the least valuable one.
  const missed = left.filter((one) => !fine(one));
  const byValue = (whole?.breaks.length === 0 ? missed : [...left]).sort(
    (a, b) => value(a, input) - value(b, input),
  );
  const [least] = byValue;
  if (least !== undefined && left.length > 1) {
    const rest = arrange(left.filter((one) => one !== least));
    if (rest !== undefined)
      options.push({
        kind: 'drop',
        ...rest,
        left: [least.session.sessionId],
        into: null,
        cost: weeklySetsLost(least.credit, input),
      });
  }
  return options.sort((a, b) => a.breaks.length - b.breaks.length).slice(0, MOST_OPTIONS);
}

/** Calendar rules that a week breaks, by finding. */
export function brokenRules(input: CheckInput): ReadonlySet<string> {
  return new Set(
    calendarFindings(input)
      .filter(({ severity }) => severity === 'warn')
      .map(({ id }) => id),
  );
}

interface Arrangement {
  readonly moves: readonly Move[];
  readonly breaks: readonly Finding[];
}

/** The assignment of sessions to days that breaks least, then moves fewest, then shifts them least. */
function bestArrangement(
  kept: readonly SeenSession[],
  days: readonly number[],
  input: CheckInput,
  usual: ReadonlySet<string>,
): Arrangement | undefined {
  if (kept.length > days.length) return undefined;
  const stay = input.week.sessions.filter(
    ({ sessionId }) => !kept.some(({ session }) => session.sessionId === sessionId),
  );
  const past = stay.filter(({ day }) => day < (days[0] ?? 0));
  let best: { cost: readonly number[]; arrangement: Arrangement } | undefined;
  const place = (at: number, mayMove: number, used: ReadonlySet<number>, chosen: readonly number[]): void => {
    const one = kept[at];
    if (one !== undefined) {
      for (const day of days) {
        const moves = day === one.session.day ? 0 : 1;
        if (used.has(day) || moves > mayMove) continue;
        place(at + 1, mayMove - moves, new Set([...used, day]), [...chosen, day]);
      }
      return;
    }
    // Fewer moves have been tried already.
    if (mayMove > 0) return;
    const placed = kept.map(({ session }, k) => ({ ...session, day: chosen[k] as number }));
    const week = { ...input.week, sessions: [...past, ...placed].sort((a, b) => a.day - b.day) };
    const breaks = calendarFindings({ ...input, week }).filter(
      ({ id, severity }) => severity === 'warn' && !usual.has(id),
    );
    const moves = kept.flatMap(({ session }, k): Move[] => {
      const to = chosen[k] as number;
      return to === session.day ? [] : [{ sessionId: session.sessionId, from: session.day, to }];
    });
    const shift = moves.reduce((sum, { from, to }) => sum + Math.abs(to - from), 0);
    const cost = [breaks.length, moves.length, shift];
    if (best === undefined || less(cost, best.cost)) best = { cost, arrangement: { moves, breaks } };
  };
  // More moves do not improve on an arrangement that breaks nothing with few; many moves are hard to follow.
  for (let moves = 0; moves <= kept.length; moves++) {
    place(0, moves, new Set(), []);
    const found = best as { cost: readonly number[] } | undefined;
    if (found !== undefined && (found.cost[0] === 0 || moves >= MOST_MOVES)) break;
  }
  return (best as { arrangement: Arrangement } | undefined)?.arrangement;
}

function less(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((one, index) => one !== b[index]);
  return at >= 0 && (a[at] as number) < (b[at] as number);
}

const WORTH = { priority: 2, grow: 1, hold: 0.3 } as const;

/** A session's value: its counted sets, those of priority muscles twice. */
function value({ credit }: SeenSession, input: CheckInput): number {
  return [...credit].reduce((sum, [muscle, sets]) => sum + sets * WORTH[input.week.muscles[muscle].goal], 0);
}

function weeklySetsLost(credit: ReadonlyMap<Muscle, number>, input: CheckInput): ReadonlyMap<Muscle, number> {
  const perWeek = 7 / input.block.cycleDays;
  return new Map(
    MUSCLES.flatMap((muscle) => {
      const sets = credit.get(muscle) ?? 0;
      return sets === 0 ? [] : [[muscle, sets * perWeek] as const];
    }),
  );
}

/** Moves the least valuable session's best slots into the shortest other one, as far as time allows. */
function mergedOption(
  left: readonly SeenSession[],
  arrange: (kept: readonly SeenSession[]) => Arrangement | undefined,
  input: CheckInput,
): MissedOption | undefined {
  const [least] = [...left].sort((a, b) => value(a, input) - value(b, input));
  const others = left.filter((one) => one !== least);
  const [target] = [...others].sort((a, b) => a.session.seconds.high - b.session.seconds.high);
  if (least === undefined || target === undefined) return undefined;
  const rest = arrange(others);
  if (rest === undefined) return undefined;
  let room = input.athlete.minutes * 60 - target.session.seconds.high;
  const worth = (slot: SeenSession['slots'][number]) =>
    Math.max(
      ...Object.keys(slot.exercise.contributions).map(
        (muscle) => WORTH[input.week.muscles[muscle as Muscle].goal],
      ),
    );
  const slotIds: string[] = [];
  const lost = new Map(least.credit);
  for (const one of [...least.slots].sort((a, b) => worth(b) - worth(a))) {
    const written = findSlot(input.block, one.slot.slotId)?.slot;
    if (written === undefined) continue;
    const seconds = one.slot.sets.length * setCost(written, one.exercise, input.conventions);
    if (seconds > room) continue;
    room -= seconds;
    slotIds.push(one.slot.slotId);
    for (const [muscle, share] of Object.entries(one.exercise.contributions) as [Muscle, number][])
      lost.set(muscle, Math.max(0, (lost.get(muscle) ?? 0) - one.hard * share));
  }
  if (slotIds.length === 0) return undefined;
  return {
    kind: 'merge',
    ...rest,
    left: [least.session.sessionId],
    into: { sessionId: target.session.sessionId, slotIds },
    cost: weeklySetsLost(lost, input),
  };
}
