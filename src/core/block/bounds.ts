/** What the figures of a block may be. Bounds are generous: they stop slips, not opinions (those are findings). */
export const BOUNDS = {
  weeks: { low: 1, high: 16 },
  cycleDays: { low: 2, high: 42 },
  rir: { low: 0, high: 6 },
  rirOffset: { low: -4, high: 4 },
  startRir: { low: 0, high: 10 },
  reps: { low: 1, high: 300 },
  load: { low: -500, high: 1500 },
  rest: { low: 0, high: 900 },
  deloadSets: { low: 0.1, high: 1 },
  deloadLoad: { low: 0.5, high: 0.95 },
  deloadRir: { low: 4, high: 6 },
  deloadMinutes: { low: 10, high: 180 },
  restWeeks: { low: 1, high: 4 },
  loadStep: { low: 0.5, high: 10 },
  week: { low: 1, high: 20 },
  pauseDays: { low: 1, high: 60 },
  optionalSets: { low: 0, high: 10 },
  setNumber: { low: 1, high: 20 },
  stretch: { low: 5, high: 600 },
} as const;

/** How many of a thing a block holds, and how many letters a text, at most: what is saved can be read again. */
export const LIMITS = {
  sessions: 60,
  slots: 60,
  activities: 60,
  pauses: 20,
  dismissed: 300,
  substitutes: 20,
  rotate: 8,
  setTargets: 20,
  id: 64,
  text: 2000,
  safety: 200,
  tempo: 12,
  activityName: 80,
} as const;
