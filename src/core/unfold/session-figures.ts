import type { Muscle } from '../anatomy/muscle';
import type { Session } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { primeMovers } from '../exercises/exercise';
import { type WarmUpSet, warmUpRamp } from '../loading/warm-up-ramp';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import { workingSets } from '../plan/working-sets';
import { clockOf, partsOf } from '../techniques/registry';
import { setPerRep, tensionOf } from '../timing/full-reps';
import { sessionTime, type TimedSlot, workSeconds } from '../timing/session-time';
import { secondsPerRep } from '../timing/tempo';
import { hundredths } from '../units';
import type { Planner } from './planner';
import type { SlotFacts } from './slot-facts';

/** Ramp sets assumed while the work load is still looked for. */
const RAMP_UNKNOWN = [10, 5];

/** A session's slots with warm-up ramps, its length and its working sets. */
export function sessionFigures(
  { time: mode, conventions }: Pick<Planner, 'time' | 'conventions'>,
  session: Session,
  facts: ReadonlyMap<string, Pick<SlotFacts, 'exercise' | 'grid' | 'carried'>>,
  slots: readonly SlotPlan[],
): SessionPlan {
  const warm = new Set<Muscle>();
  const ranges = new Map(session.slots.map((slot) => [slot.id, slot]));
  const timed: TimedSlot[] = [];
  let general = true;
  const withRamps = slots.map((slot): SlotPlan => {
    const { exercise, grid, carried } = facts.get(slot.slotId) as Pick<
      SlotFacts,
      'exercise' | 'grid' | 'carried'
    >;
    const held = exercise.measure === 'seconds';
    const movers = primeMovers(exercise);
    const cold = movers.some((muscle) => !warm.has(muscle));
    for (const muscle of movers) warm.add(muscle);
    const [first] = slot.sets;
    let warmUp: readonly WarmUpSet[] = [];
    if (cold && !held && first !== undefined && first.load !== null) {
      warmUp = warmUpRamp(
        { load: hundredths(first.load), reps: first.reps, general, carried: carried * 100 },
        grid,
        conventions,
      );
    }
    // Once a session: before its first exercise that is loaded, or whose load is looked for.
    if (cold && !held && first !== undefined && (first.load === null || warmUp.length > 0)) general = false;
    const pieces = slot.sets.reduce((sum, { piece }) => sum + (piece > 1 ? 1 : 0), 0);
    const perRep = secondsPerRep(slot, conventions);
    const work = {
      secondsPerRep: perRep,
      sides: exercise.sides,
      sets: repSpans(slot, ranges.get(slot.slotId), perRep, conventions),
    };
    timed.push({
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
      warmUps: cold && !held && first?.load === null ? RAMP_UNKNOWN : warmUp.map(({ reps }) => reps),
    });
    return { ...slot, warmUp };
  });
  const time = sessionTime(timed, mode, conventions);
  return {
    sessionId: session.id,
    name: session.name,
    day: session.day,
    place: session.place,
    optional: session.optional,
    slots: withRamps,
    seconds: { low: time.low, high: time.high },
    whySeconds: { code: 'minutes', mode, ...time },
    sets: slots.reduce((sum, slot) => sum + workingSets(slot), 0),
  };
}

/** What the clock makes of a slot: all its minutes, or its cap unless its reps take less. */
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

/** Seconds after each piece of a slot's first round but its last. */
function pausesOf({ sets }: SlotPlan): readonly number[] {
  const [first] = sets;
  return sets
    .filter(({ round }) => round === first?.round)
    .slice(0, -1)
    .map(({ rest }) => rest);
}

/** Seconds of rest inside the rounds of a slot. */
function innerRest({ sets }: SlotPlan): number {
  return sets.reduce((sum, { piece }, at) => sum + (piece > 1 ? (sets[at - 1]?.rest ?? 0) : 0), 0);
}

/** Reps at both ends of the range for each planned set, as reps at the slot's tempo; what the range does not bind as asked. */
function repSpans(
  slot: SlotPlan,
  written: Session['slots'][number] | undefined,
  perRep: number,
  conventions: Conventions,
): { low: number; high: number }[] {
  const easy = written === undefined || slot.why.sets.code === 'sets/easy';
  const parts = easy ? [] : partsOf(slot.technique);
  return slot.sets.map((set) => {
    const part = parts.find(({ role }) => role === set.role);
    if (written === undefined || part === undefined || set.piece > 1 || set.sections.length > 0) {
      const reps = tensionOf(set, slot, conventions) / perRep;
      return { low: reps, high: reps };
    }
    const { low, high } = part.range ?? slot.range ?? written.range;
    const more = part.range === undefined ? part.repOffset : 0;
    const pace = set.tempo === undefined ? 1 : setPerRep(set, slot, conventions) / perRep;
    return { low: (low + more) * pace, high: (high + more) * pace };
  });
}
