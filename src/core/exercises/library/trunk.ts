import type { Exercise } from '../exercise';

/** Abs. */
export const TRUNK: readonly Exercise[] = [
  {
    id: 'cable-crunch', revision: 1, name: 'cable crunch', pattern: 'trunk flexion', kind: 'isolation',
    contributions: { abs: 1 },
    equipment: ['cable'], loading: 'stack', bodyweightShare: 0, sides: 1, axialLoad: 0, stimulus: 4, fatigue: 1,
    hardest: 'shortened', failableAlone: true, joints: ['low back'],
    tempo: '2012', restSeconds: 60, cues: 'Curl the ribs to the hips.',
  },
  {
    id: 'hanging-leg-raise', revision: 1, name: 'hanging leg raise', pattern: 'trunk flexion', kind: 'isolation',
    contributions: { abs: 1, forearms: 0.25 },
    equipment: ['pull-up bar'], loading: 'bodyweight', bodyweightShare: 0.35, sides: 1, axialLoad: 0, stimulus: 4, fatigue: 2,
    hardest: 'shortened', failableAlone: true, joints: ['shoulder', 'low back'],
    tempo: '2010', restSeconds: 75, cues: 'Tilt the pelvis, no swing.',
  },
];
