import type { Exercise } from './exercise';

const made = new WeakMap<Exercise, Map<string, Exercise>>();

/**
 * The exercise in one of its set-ups: the variant's shares override its own, and joints that it spares are left out.
 * An unknown variant changes nothing, so that blocks survive its removal. The same exercise and variant give the same
 * object.
 */
export function inVariant(exercise: Exercise, variantId: string | null): Exercise {
  const variant = exercise.variants.find(({ id }) => id === variantId);
  if (variant === undefined) return exercise;
  const variants = made.get(exercise) ?? new Map<string, Exercise>();
  made.set(exercise, variants);
  const shifted = variants.get(variant.id) ?? {
    ...exercise,
    contributions: { ...exercise.contributions, ...variant.contributions },
    joints: exercise.joints.filter((joint) => variant.spares?.includes(joint) !== true),
  };
  variants.set(variant.id, shifted);
  return shifted;
}

/** `hack squat, feet high`. */
export function variantName(exercise: Exercise, variantId: string | null): string {
  const variant = exercise.variants.find(({ id }) => id === variantId);
  return variant === undefined ? exercise.name : `${exercise.name}, ${variant.name}`;
}
