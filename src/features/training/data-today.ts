import { type Day, type Instead, type NoteSummary, placeFor, type SessionPlan, sessionToday } from '@/core';
import type { SessionData } from './contract';

/** What the phone knows about the training day. */
export function dayOf(data: SessionData, told: NoteSummary): Day {
  const place = placeFor(data, told.place ?? data.place);
  const offered = [...Object.values(data.instead).flat(), ...data.extras];
  const starts = Object.fromEntries(offered.map(({ exerciseId, start }: Instead) => [exerciseId, start]));
  const { exercises, athlete, conventions } = data;
  return { place, isElsewhere: place.id !== data.place, exercises, starts, athlete, conventions };
}

/** A session's data as trained today: its sets, its equipment, and last time only if the exercise is the same. */
export function dataToday(data: SessionData, told: NoteSummary, day: Day): SessionData {
  const session: SessionPlan = sessionToday(data.session, told, day);
  const same = new Map(data.session.slots.map(({ slotId, exerciseId }) => [slotId, exerciseId]));
  const kept = new Set(
    session.slots
      .filter(({ slotId, exerciseId }) => same.get(slotId) === exerciseId)
      .map(({ slotId }) => slotId),
  );
  const lastTime = Object.fromEntries(
    Object.entries(data.lastTime).filter(([place]) => kept.has(place.split('/')[0] ?? '')),
  );
  return { ...data, session, equipment: day.place.loads, lastTime };
}
