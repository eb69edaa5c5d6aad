import type { Convention } from './convention';

/** Seconds of reps, warm-ups and changes. */
export const TIMING = {
  secondsPerRep: { name: 'Seconds a rep', unit: 's', default: 3, reason: 'When no tempo is prescribed.' },
  warmUpPause: {
    name: 'Pause after a warm-up set',
    unit: 's',
    default: 45,
    reason: 'Enough to change the load.',
  },
  changeOver: {
    name: 'Change-over between exercises',
    unit: 's',
    default: 90,
    reason: 'Walking, plates and set-up.',
  },
  heavyReps: {
    name: 'Heavy work',
    unit: 'reps',
    default: 6,
    reason: 'At this many reps or fewer a further ramp set helps.',
  },
} as const satisfies Record<string, Convention>;
