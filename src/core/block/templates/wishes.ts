import type { TemplateSlot } from './template';

/** Exercises with the same purpose, best first; the last need little or no equipment. */
const WISHES = {
  squat: [
    'hack-squat',
    'barbell-back-squat',
    'leg-press',
    'goblet-squat',
    'one-leg-squat',
    'box-one-leg-squat',
    'bodyweight-squat',
  ],
  press: [
    'leg-press',
    'incline-leg-press',
    'goblet-squat',
    'dumbbell-split-squat',
    'band-squat',
    'bodyweight-squat',
  ],
  lunge: ['dumbbell-split-squat', 'rear-foot-raised-split-squat', 'barbell-reverse-lunge', 'side-lunge'],
  hinge: ['stiff-leg-deadlift', 'dumbbell-hip-hinge', 'band-hip-hinge', 'sliding-leg-curl'],
  thrust: ['barbell-hip-thrust', 'hip-thrust-machine', 'one-leg-hip-thrust', 'band-hip-hinge'],
  kneeExtension: ['leg-extension', 'kneeling-lean-back'],
  legCurl: ['seated-leg-curl', 'lying-leg-curl', 'band-leg-curl', 'sliding-leg-curl'],
  calves: ['standing-calf-raise', 'leg-press-calf-raise', 'single-leg-calf-raise', 'bodyweight-calf-raise'],
  chestPress: [
    'barbell-bench-press',
    'flat-dumbbell-press',
    'chest-press-machine',
    'ring-push-up',
    'push-up',
  ],
  inclinePress: ['incline-dumbbell-press', 'incline-barbell-press', 'guided-bar-incline-press', 'push-up'],
  fly: ['cable-fly', 'fly-machine', 'dumbbell-fly', 'ring-fly', 'band-press', 'push-up'],
  overhead: [
    'seated-dumbbell-press',
    'shoulder-press-machine',
    'standing-barbell-press',
    'band-overhead-press',
    'pike-push-up',
  ],
  row: [
    'chest-supported-row',
    'seated-cable-row',
    'incline-dumbbell-row',
    'bent-over-barbell-row',
    'ring-row',
    'inverted-row',
    'band-row',
  ],
  pulldown: ['neutral-pulldown', 'wide-pulldown', 'pull-up', 'foot-assisted-pull-up', 'band-pulldown'],
  sideRaise: ['cable-lateral-raise', 'dumbbell-lateral-raise', 'band-lateral-raise'],
  rearDelt: [
    'cable-rear-delt-fly',
    'reverse-fly-machine',
    'dumbbell-rear-delt-raise',
    'ring-rear-fly',
    'band-pull-apart',
  ],
  curl: ['incline-dumbbell-curl', 'cable-curl', 'dumbbell-curl', 'barbell-curl', 'ring-curl', 'band-curl'],
  otherCurl: ['barbell-curl', 'cable-curl', 'dumbbell-curl', 'ring-curl', 'band-curl'],
  triceps: [
    'overhead-cable-extension',
    'overhead-dumbbell-extension',
    'lying-barbell-extension',
    'ring-extension',
    'band-pushdown',
  ],
  pushdown: [
    'cable-pushdown',
    'lying-dumbbell-extension',
    'lying-barbell-extension',
    'band-pushdown',
    'bench-dip',
    'ring-extension',
  ],
  abductors: ['hip-abduction-machine', 'cable-hip-abduction', 'band-side-walk'],
  shrug: ['dumbbell-shrug', 'barbell-shrug', 'cable-shrug', 'shrug-machine'],
  abs: ['cable-crunch', 'hanging-leg-raise', 'hanging-knee-raise', 'floor-crunch'],
  trunk: ['hanging-leg-raise', 'hanging-knee-raise', 'floor-crunch'],
  straightPull: ['tucked-front-lever', 'one-leg-front-lever'],
  straightPush: ['tucked-planche'],
  handstand: ['wall-handstand-hold', 'handstand-hold'],
  support: ['ring-support-hold', 'l-sit'],
  dip: ['ring-dip', 'dip', 'bench-dip', 'push-up'],
  pullUp: ['pull-up', 'foot-assisted-pull-up', 'inverted-row', 'ring-row'],
} as const satisfies Record<string, readonly string[]>;

export type Purpose = keyof typeof WISHES;

/** A template's slot, by purpose. */
export function preferredSlot(purpose: Purpose, sets: number, low: number, high: number): TemplateSlot {
  return { wishes: WISHES[purpose], sets, range: { low, high } };
}
