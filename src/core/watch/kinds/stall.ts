import { placeFor } from '../../athlete/place';
import type { Slot } from '../../block/block';
import type { SingleEdit } from '../../block/edits/edit';
import { exchangeExercise } from '../../block/exchange-exercise';
import { addDays } from '../../calendar';
import { callId } from '../../calls/call';
import { chosenCurve } from '../../effort/curves';
import { liftTrend, trendPoints } from '../../effort/stall';
import { primeMovers } from '../../exercises/exercise';
import { swapCandidates } from '../../exercises/similarity';
import { asPlanned, type CheckInput } from '../../findings/finding';
import { substitutesFor } from '../../findings/swap-slots';
import { loadGrid } from '../../loading/grid';
import { summariseNotes } from '../../on-the-day/session-note';
import { fatigueSigns } from '../../recovery/check-in';
import { fatigueScore } from '../../recovery/signs';
import { roundHalfUp } from '../../rounding';
import { setCount, startOf, withSetCount } from '../../techniques/registry';
import { checkInputForWeek, nextBuilding, type Watch, type WatchKind } from '../alert-kind';
import { NOTED, type WatchOption } from '../watch-call';

const MOST_SWAPS = 3;
/** Most lifts reported at once, the largest decline first: more would be a new plan, not a swap. */
const MOST_STALLS = 2;

/**
 * A lift without gain over at least four weeks although its sets were done and recovery is fine: ranked substitutes,
 * with the parts of each score.
 */
export const stall: WatchKind = {
  kind: 'stall',
  propose: (watch) => {
    const { block, athlete, exposures, conventions, today } = watch;
    const next = nextBuilding(watch);
    const input = next === undefined ? undefined : checkInputForWeek(watch, next.plan);
    if (next === undefined || input === undefined || !isRecovered(watch)) return [];
    const points = trendPoints(exposures, chosenCurve(athlete.effort));
    const lifts = new Set(block.sessions.flatMap(({ slots }) => slots.map(({ exercise }) => exercise.id)));
    const stalled = [...lifts].flatMap((exerciseId) => {
      const trend = liftTrend(points.get(exerciseId) ?? [], today, {
        weeks: conventions.stallWeeks,
        least: conventions.stallGain,
      });
      const done = doneShare(exerciseId, watch);
      if (trend.verdict !== 'stalled' || done < conventions.stallSets || hurts(exerciseId, watch)) return [];
      if (isTired(exerciseId, watch, input)) return [];
      const subject = `stall/${exerciseId}`;
      return [
        {
          kind: 'stall' as const,
          // Identified by its best, so that another flat week is not a new fact.
          id: callId(subject, [roundHalfUp(Math.max(...trend.line))]),
          subject,
          week: next.plan.week,
          evidence: {
            kind: 'stall' as const,
            exerciseId,
            weeks: conventions.stallWeeks,
            gain: trend.gain,
            done,
            line: trend.line,
            roseBefore: trend.roseBefore,
          },
          options: [
            ...weights(exerciseId, watch, input),
            ...swaps(exerciseId, watch, input),
            ...schemes(exerciseId, watch, input),
            NOTED,
          ],
        },
      ];
    });
    return stalled.sort((a, b) => a.evidence.gain - b.evidence.gain).slice(0, MOST_STALLS);
  },
};

function since({ today, conventions }: Watch): string {
  return addDays(today, -7 * conventions.stallWeeks);
}

function isRecovered({ checkIns, blockPlan, today, conventions }: Watch): boolean {
  const signs = fatigueSigns(checkIns, blockPlan.observations, today);
  return signs === null || fatigueScore(signs, false, conventions).sum < conventions.signsPropose;
}

/** Whether a muscle of the lift was below target twice or is still sore: then it is tired, not stalled. */
function isTired(exerciseId: string, { block, blockPlan }: Watch, input: CheckInput): boolean {
  const slot = slotsOf(exerciseId, block)[0]?.slot;
  const movers = slot === undefined ? [] : primeMovers(input.exerciseOf(asPlanned(slot)));
  return movers.some((muscle) => {
    const latest = blockPlan.observations.filter((one) => one.muscle === muscle).at(-1);
    return latest !== undefined && (latest.behindTwice || latest.soreness === 'still sore');
  });
}

function hurts(exerciseId: string, watch: Watch): boolean {
  return watch.log.workouts.some(
    ({ date, notes }) =>
      date >= since(watch) &&
      [...summariseNotes(notes).pains.values()].some((pain) => pain.exerciseId === exerciseId),
  );
}

/** Share of the lift's recent sets that were done, per cent; without sessions still to come. */
function doneShare(exerciseId: string, watch: Watch): number {
  let [done, planned] = [0, 0];
  for (const { plan, issued, performed, status } of watch.blockPlan.weeks) {
    if (issued === null || plan.startDate < since(watch)) continue;
    for (const session of plan.sessions) {
      const work = performed.get(session.sessionId);
      if (work === undefined && status !== 'done') continue;
      for (const slot of session.slots) {
        if (slot.exerciseId !== exerciseId) continue;
        for (const { id, piece } of slot.sets) {
          if (piece > 1) continue;
          planned++;
          if (work?.sets.has(`${slot.slotId}/${id}`)) done++;
        }
      }
    }
  }
  return planned === 0 ? 0 : (100 * done) / planned;
}

function slotsOf(exerciseId: string, block: Watch['block']) {
  return block.sessions.flatMap((session) =>
    session.slots
      .filter(({ exercise }) => exercise.id === exerciseId)
      .map((slot: Slot) => ({ session, slot })),
  );
}

function swaps(exerciseId: string, watch: Watch, input: CheckInput): readonly WatchOption[] {
  const { block, athlete, exposures } = watch;
  const placed = slotsOf(exerciseId, block);
  const [first] = placed;
  if (first === undefined) return [];
  const from = input.exerciseOf(asPlanned(first.slot));
  const lately = new Set(
    exposures.filter(({ date }) => date >= since(watch)).map((exposure) => exposure.exerciseId),
  );
  const ranked = swapCandidates(from, substitutesFor(first, input), {
    athlete,
    place: placeFor(athlete, first.session.place),
    date: input.week.startDate,
    lately,
    reason: 'stalled',
  });
  return ranked.slice(0, MOST_SWAPS).map(({ exercise: to, ...parts }) => ({
    id: `swap ${to.id}`,
    does: { kind: 'swap', from: exerciseId, to: to.id, parts },
    edit: {
      kind: 'batch',
      edits: placed.flatMap(({ slot }) => exchangeExercise(slot, input.exerciseOf(asPlanned(slot)), to)),
    },
  }));
}

/** Ranges that a stalled lift may move to: heavier work goes lighter, lighter work heavier. */
const HEAVIER = { compound: { low: 5, high: 8 }, isolation: { low: 8, high: 12 } } as const;
/** Ranges whose middle is here or above are light. */
const HEAVIER_FROM = 10;
const LIGHTER = { low: 10, high: 15 } as const;

/** Another scheme for the same lift: a rep range on the other side, and for straight sets of a compound a top set. */
function schemes(exerciseId: string, { block }: Watch, input: CheckInput): readonly WatchOption[] {
  const placed = slotsOf(exerciseId, block);
  const [first] = placed;
  if (first === undefined) return [];
  const { kind, measure } = input.exerciseOf(asPlanned(first.slot));
  if (measure === 'seconds') return [];
  const { low, high } = first.slot.range;
  const range = (low + high) / 2 >= HEAVIER_FROM ? HEAVIER[kind] : LIGHTER;
  const everywhere = (edit: (slot: Slot) => SingleEdit) => ({
    kind: 'batch' as const,
    edits: placed.map(({ slot }) => edit(slot)),
  });
  const isPlain = kind === 'compound' && placed.every(({ slot }) => slot.technique.kind === 'straight');
  return [
    {
      id: 'other range',
      does: { kind: 'other range', exerciseId, range },
      edit: everywhere(({ id }) => ({ kind: 'slot/set', slot: id, field: 'range', value: range })),
    },
    ...(isPlain ? [topSet(exerciseId, everywhere)] : []),
  ];
}

/** A lift done with bodyweight alone cannot get heavier: where the place has a belt, added weight is what is missing. */
function weights(exerciseId: string, { block, athlete }: Watch, input: CheckInput): readonly WatchOption[] {
  const alone = slotsOf(exerciseId, block).filter(({ session, slot }) => {
    const { loading } = input.exerciseOf(asPlanned(slot));
    const grid = loadGrid(loading, placeFor(athlete, session.place).loads);
    return slot.alone && loading === 'bodyweight' && (grid.steps.at(-1) ?? 0) > 0;
  });
  if (alone.length === 0) return [];
  const edits = alone.map(({ slot }) => ({
    kind: 'slot/set' as const,
    slot: slot.id,
    field: 'alone' as const,
    value: false,
  }));
  return [{ id: 'weights', does: { kind: 'weights', exerciseId }, edit: { kind: 'batch', edits } }];
}

function topSet(
  exerciseId: string,
  everywhere: (edit: (slot: Slot) => SingleEdit) => WatchOption['edit'],
): WatchOption {
  const kind = 'top + back-offs';
  return {
    id: 'top set',
    does: { kind: 'other technique', exerciseId, technique: kind },
    edit: everywhere(({ id, technique }) => ({
      kind: 'slot/set',
      slot: id,
      field: 'technique',
      value: withSetCount(startOf(kind), setCount(technique)),
    })),
  };
}
