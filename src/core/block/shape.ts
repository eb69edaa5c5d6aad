/** Kinds of split. */
export const SHAPES = [
  'full body',
  'upper/lower',
  'push/pull',
  'push/pull and legs',
  'push/pull/legs',
  'torso/limbs',
  'body parts',
  'bent arm/straight arm',
  'upper/lower and full body',
  'small daily doses',
] as const;
export type Shape = (typeof SHAPES)[number];
