import type { Muscle } from '../anatomy/muscle';
import type { Session, Slot } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { type Exercise, primeMovers } from '../exercises/exercise';
import type { LoadGrid } from '../loading/grid';
import { warmUpRamp } from '../loading/warm-up-ramp';
import { Memo } from '../memo';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import { workingSets } from '../plan/working-sets';
import { clockOf, techniqueParts } from '../techniques/registry';
import { secondsPerRepOfSet, setTension } from '../timing/full-reps';
import { sessionTime, type TimedSlot, workSeconds } from '../timing/session-time';
import { secondsPerRep } from '../timing/tempo';
import { hundredths } from '../units';
import type { Planner } from './planner';
import type { SlotFacts } from './slot-facts';

/** Ramp sets assumed while the work load is unknown. */
const RAMP_UNKNOWN = [10, 5];

type Known = Pick<SlotFacts, 'exercise' | 'grid' | 'carried'>;

/** A session's slots with warm-up ramps, its length and its working sets. */
export function sessionFigures(
  { time: mode, conventions }: Pick<Planner, 'time' | 'conventions'>,
  session: Session,
  facts: ReadonlyMap<string, Known>,
  slots: readonly SlotPlan[],
  memo: Memo = new Memo(0),
): SessionPlan {
  const warm = new Set<Muscle>();
  const written = new Map(session.slots.map((slot) => [slot.id, slot]));
  let general = true;
  const timed = slots.map((slot) => {
    const known = facts.get(slot.slotId) as Known;
    const movers = primeMovers(known.exercise);
    const cold = movers.some((muscle) => !warm.has(muscle));
    for (const muscle of movers) warm.add(muscle);
    const one = memo
      .part(slot.slotId)
      .call(
        'timed',
        timedSlot,
        slot,
        written.get(slot.slotId),
        known.exercise,
        known.grid,
        known.carried,
        cold ? (general ? 'general' : 'cold') : 'warm',
        conventions,
      );
    // Once per session: before its first exercise that has a load, or whose load is to be found.
    if (one.isPrepared) general = false;
    return one;
  });
  const time = sessionTime(
    timed.map((one) => one.timed),
    mode,
    conventions,
  );
  return {
    sessionId: session.id,
    name: session.name,
    day: session.day,
    place: session.place,
    optional: session.optional,
    slots: timed.map(({ slot }) => slot),
    seconds: { low: time.low, high: time.high },
    whySeconds: { code: 'minutes', mode, ...time },
    sets: slots.reduce((sum, slot) => sum + workingSets(slot), 0),
  };
}

/** The athlete's state before a slot: warm in its prime movers, cold in one, or cold altogether. */
type Warmth = 'warm' | 'cold' | 'general';

/** A slot with its ramp and its timing; whether it has a ramp, or will once its load is found. */
function timedSlot(
  slot: SlotPlan,
  written: Slot | undefined,
  exercise: Exercise,
  grid: LoadGrid,
  carried: number,
  warmth: Warmth,
  conventions: Conventions,
): { readonly slot: SlotPlan; readonly timed: TimedSlot; readonly isPrepared: boolean } {
  const [first] = slot.sets;
  const ramps = warmth !== 'warm' && exercise.measure !== 'seconds' && first !== undefined;
  const isUnknown = ramps && first.load === null;
  const warmUp =
    ramps && first.load !== null
      ? warmUpRamp(
          {
            load: hundredths(first.load),
            reps: first.reps,
            general: warmth === 'general',
            carried: carried * 100,
          },
          grid,
          conventions,
        )
      : [];
  const pieces = slot.sets.reduce((sum, { piece }) => sum + (piece > 1 ? 1 : 0), 0);
  const perRep = secondsPerRep(slot, conventions);
  const work = {
    secondsPerRep: perRep,
    sides: exercise.sides,
    sets: repSpans(slot, written, perRep, conventions),
  };
  return {
    slot: { ...slot, warmUp },
    timed: {
      // Listed one by one: spreading another object takes ten times as long, for every slot of every week.
      secondsPerRep: work.secondsPerRep,
      sides: work.sides,
      sets: work.sets,
      clock: byTheClock(slot, work),
      rest: slot.rest,
      rounds: slot.sets.length - pieces,
      inner: pieces === 0 ? 0 : innerRest(slot),
      joined: slot.joined,
      pauses: slot.away === undefined ? undefined : pausesOf(slot),
      stretch: slot.stretch?.seconds ?? 0,
      breakBefore: (slot.breakBefore ?? 0) * 60,
      warmUps: isUnknown ? RAMP_UNKNOWN : warmUp.map(({ reps }) => reps),
    },
    isPrepared: isUnknown || warmUp.length > 0,
  };
}

/** A slot's time by the clock: all its minutes, or its limit unless its reps take less. */
function byTheClock(
  { technique, sets }: SlotPlan,
  work: Pick<TimedSlot, 'secondsPerRep' | 'sides' | 'sets'>,
): TimedSlot['clock'] {
  const clock = sets.length === 0 ? null : clockOf(technique, sets.length);
  if (clock === null) return undefined;
  const { seconds, ends } = clock;
  const least = ends === 'by the clock' ? seconds : Math.min(seconds, workSeconds(work).least);
  return { least, seconds, ends };
}

/** Seconds after each part of a slot's first round but its last. */
function pausesOf({ sets }: SlotPlan): readonly number[] {
  const [first] = sets;
  return sets
    .filter(({ round }) => round === first?.round)
    .slice(0, -1)
    .map(({ rest }) => rest);
}

/** Seconds of rest inside a slot's rounds. */
function innerRest({ sets }: SlotPlan): number {
  return sets.reduce((sum, { piece }, at) => sum + (piece > 1 ? (sets[at - 1]?.rest ?? 0) : 0), 0);
}

/**
 * Reps at both ends of the range for each planned set, at the slot's tempo; sets the range does not bind have their
 * planned reps.
 */
function repSpans(
  slot: SlotPlan,
  written: Session['slots'][number] | undefined,
  perRep: number,
  conventions: Conventions,
): { low: number; high: number }[] {
  const easy = written === undefined || slot.why.sets.code === 'sets/easy';
  const parts = easy ? [] : techniqueParts(slot.technique);
  return slot.sets.map((set) => {
    const part = parts.find(({ role }) => role === set.role);
    if (written === undefined || part === undefined || set.piece > 1 || set.sections.length > 0) {
      const reps = setTension(set, slot, conventions) / perRep;
      return { low: reps, high: reps };
    }
    const { low, high } = part.range ?? slot.range ?? written.range;
    const more = part.range === undefined ? part.repOffset : 0;
    const pace = set.tempo === undefined ? 1 : secondsPerRepOfSet(set, slot, conventions) / perRep;
    return { low: (low + more) * pace, high: (high + more) * pace };
  });
}
