/** What the figures of a block may be. Bounds are generous: they stop slips, not opinions (those are findings). */
export const BOUNDS = {
  weeks: { low: 1, high: 16 },
  cycleDays: { low: 2, high: 28 },
  rir: { low: 0, high: 6 },
  rirOffset: { low: -4, high: 4 },
  reps: { low: 1, high: 300 },
  load: { low: -500, high: 1500 },
  rest: { low: 0, high: 900 },
  deloadSets: { low: 0.1, high: 1 },
  deloadLoad: { low: 0.5, high: 0.95 },
  deloadRir: { low: 4, high: 6 },
  deloadMinutes: { low: 10, high: 180 },
  restWeeks: { low: 1, high: 4 },
  loadStep: { low: 0.5, high: 10 },
  week: { low: 1, high: 17 },
  pauseDays: { low: 1, high: 60 },
} as const;
