import { catalogueWith, currentSets, MUSCLES, type SlotPlan } from '@/core';
import { planOf, trainingOf } from '../archive/as-training';
import type { ArchivedAthlete, ArchivedBlock } from '../archive/athlete-file';
import { writeCsv } from './csv';
import {
  CHECK_INS,
  type CheckInRow,
  LOG,
  type LogRow,
  MEASURED,
  type MeasuredRow,
  type TableName,
  VOLUME,
  type VolumeRow,
} from './tables';

/** Every set that counts, block by block, oldest day first. */
export function logRows(athlete: ArchivedAthlete): readonly LogRow[] {
  const catalogue = catalogueWith(athlete.exercises);
  return athlete.blocks
    .flatMap((block) => blockRows(athlete, block, (id) => catalogue.newest(id)?.name ?? id))
    .sort((a, b) => a.date.localeCompare(b.date));
}

function blockRows(
  athlete: ArchivedAthlete,
  block: ArchivedBlock,
  nameOf: (exerciseId: string) => string,
): readonly LogRow[] {
  const counted = currentSets(trainingOf(athlete, block).log.sets);
  return block.workouts.flatMap((workout): readonly LogRow[] => {
    const plan = block.weeks.find(({ handedOut }) => handedOut.id === workout.weekId)?.handedOut.plan;
    const session = plan?.sessions.find(({ sessionId }) => sessionId === workout.sessionId);
    const entered = new Map(workout.sets.map(({ id, enteredBy }) => [id, enteredBy]));
    const numbers = new Map<string, number>();
    const order = new Map(session?.slots.flatMap(placesIn));
    const place = (key: string) => order.get(key) ?? Number.POSITIVE_INFINITY;
    return [...(counted.get(workout.id) ?? [])]
      .sort(([a, { set: one }], [b, { set: other }]) => place(a) - place(b) || one.at.localeCompare(other.at))
      .map(([, { set }]): LogRow => {
        const count = (numbers.get(set.exerciseId) ?? 0) + 1;
        numbers.set(set.exerciseId, count);
        const { more = {} } = set;
        return {
          date: workout.date,
          at: set.at,
          block: block.document.name,
          week: workout.week,
          session: session?.name ?? workout.sessionId,
          exercise: nameOf(set.exerciseId),
          exercise_id: set.exerciseId,
          set: count,
          load: set.load.value,
          unit: set.load.unit,
          reps: set.reps,
          rir: set.rir,
          partials: more.partials ?? null,
          assisted: more.assisted ?? null,
          held: more.held ?? null,
          lowered: more.lowered ?? null,
          clean: more.unclean === true ? 'no' : 'yes',
          seconds: more.seconds ?? null,
          left: more.left ?? null,
          right: more.right ?? null,
          note: more.line ?? '',
          entered_by: entered.get(set.id) ?? 'athlete',
        };
      });
  });
}

/** Positions of a session's sets in planned order, by slot and set. */
function placesIn(slot: SlotPlan, at: number): readonly (readonly [string, number])[] {
  return slot.sets.map(({ id }, k) => [`${slot.slotId}/${id}`, at * 1000 + k] as const);
}

export function checkInRows({ checkIns }: ArchivedAthlete): readonly CheckInRow[] {
  return checkIns
    .map(({ checkIn }): CheckInRow => {
      const { date, slept, drive, appetite, soreness, aches, restingHeartRate, line } = checkIn;
      return { date, slept, drive, appetite, soreness, aches, resting_heart_rate: restingHeartRate, line };
    })
    .sort((a, b) => a.date.localeCompare(b.date));
}

export function measuredRows({ measurements }: ArchivedAthlete): readonly MeasuredRow[] {
  return measurements
    .map(({ date, kind: what, value, unit }): MeasuredRow => ({ date, what, value, unit }))
    .sort((a, b) => a.date.localeCompare(b.date) || a.what.localeCompare(b.what));
}

/** Weekly sets of every muscle in every block: planned, and as done in sent weeks. */
export function volumeRows(athlete: ArchivedAthlete): readonly VolumeRow[] {
  return athlete.blocks.flatMap((block) =>
    planOf(athlete, block).weeks.flatMap(({ plan, status }) =>
      MUSCLES.map((muscle): VolumeRow => {
        const { goal, measured, frequency, landmarks } = plan.muscles[muscle];
        return {
          block: block.document.name,
          week: plan.week,
          begins: plan.startDate,
          kind: plan.kind,
          status,
          muscle,
          goal,
          sets: Math.round(measured * 1000) / 1000,
          times: Math.round(frequency * 1000) / 1000,
          hold: landmarks.hold,
          floor: landmarks.floor,
          ceiling: landmarks.ceiling,
        };
      }),
    ),
  );
}

/** A table of an athlete as CSV. */
export function writeTable(name: TableName, athlete: ArchivedAthlete): string {
  switch (name) {
    case 'log':
      return writeCsv(LOG, logRows(athlete));
    case 'check-ins':
      return writeCsv(CHECK_INS, checkInRows(athlete));
    case 'measurements':
      return writeCsv(MEASURED, measuredRows(athlete));
    case 'volume':
      return writeCsv(VOLUME, volumeRows(athlete));
  }
}
