import type { Exercise } from '../exercise';
import { family } from './family';

const rotation = family({
  pattern: 'trunk rotation',
  kind: 'isolation',
  contributions: { abs: 1, 'spinal erectors': 0.5 },
  hardest: 'middle',
  longHalf: 'bottom',
  joints: ['low back'],
  tempo: '2011',
  restSeconds: 60,
  sides: 2,
});

/** Chops, twists and anti-rotation work. */
export const ROTATION: readonly Exercise[] = [
  rotation('high-to-low-chop', 'high-to-low cable chop', {
    longHalf: 'top',
    equipment: ['cable'],
    loading: 'cable',
    stimulus: 3,
    fatigue: 1,
    cues: 'Turn from the ribs, arms long, hips follow a little.',
  }),
  rotation('low-to-high-chop', 'low-to-high cable chop', {
    equipment: ['cable'],
    loading: 'cable',
    stimulus: 3,
    fatigue: 1,
    cues: 'From the hip to above the far shoulder.',
  }),
  rotation('level-cable-twist', 'cable twist', {
    longHalf: 'none',
    equipment: ['cable'],
    loading: 'cable',
    stimulus: 3,
    fatigue: 1,
    cues: 'Arms straight in front, turn the chest.',
  }),
  rotation('rotation-machine', 'torso rotation machine', {
    longHalf: 'none',
    equipment: ['machine'],
    loading: 'stack',
    stimulus: 3,
    fatigue: 1,
    cues: 'Slow both ways, never to the very end.',
  }),
  rotation('landmine-twist', 'landmine twist', {
    longHalf: 'none',
    equipment: ['barbell'],
    loading: 'barbell',
    stimulus: 3,
    fatigue: 2,
    cues: 'Arms long, turn the end of the bar from hip to hip.',
  }),
  rotation('band-chop', 'band chop', {
    longHalf: 'top',
    equipment: ['band'],
    loading: 'band',
    stimulus: 2,
    fatigue: 1,
    cues: 'Turn from the ribs, slow back.',
  }),
  rotation('seated-dumbbell-twist', 'Russian twist', {
    longHalf: 'none',
    equipment: ['dumbbells'],
    loading: 'dumbbell',
    stimulus: 2,
    fatigue: 1,
    cues: 'Lean back a little, turn side to side.',
  }),
  rotation('cable-turn-hold', 'anti-rotation press', {
    equipment: ['cable'],
    loading: 'cable',
    stimulus: 3,
    fatigue: 1,
    measure: 'seconds',
    longHalf: 'none',
    tempo: '1000',
    cues: 'Press out and hold; let nothing turn.',
  }),
  rotation('lying-leg-turn', 'lying leg rotation', {
    longHalf: 'none',
    equipment: ['floor'],
    loading: 'bodyweight',
    stimulus: 2,
    fatigue: 1,
    bodyweightShare: 0.3,
    cues: 'Knees from side to side, shoulders down.',
  }),
];
