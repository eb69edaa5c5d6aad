import type { Convention } from './convention';

/** Seconds for reps, warm-ups and moving between exercises. */
export const TIMING = {
  secondsPerRep: {
    name: 'Seconds per rep',
    unit: 's',
    default: 3,
    reason: 'Used when no tempo is set.',
  },
  warmUpPause: {
    name: 'Rest after a warm-up set',
    unit: 's',
    default: 45,
    reason: 'Enough to change the load.',
  },
  changeOver: {
    name: 'Time between exercises',
    unit: 's',
    default: 90,
    reason: 'Walking, plates and set-up.',
  },
  heavyReps: {
    name: 'Heavy sets',
    unit: 'reps',
    default: 6,
    reason: 'At this many reps or fewer, one more warm-up set helps.',
  },
} as const satisfies Record<string, Convention>;
