/** Ways to count hard sets. */
export const CREDITING_SCHOOLS = ['fractional', 'direct only', 'inclusive', 'near-failure reps'] as const;
export type Crediting = (typeof CREDITING_SCHOOLS)[number];

/**
 * Ways to define volume ranges. Ramped: fractional sets between minimum and maximum, by level and phase. Fixed dose:
 * a few direct hard sets near failure, the same every week.
 */
export const LANDMARK_SCHOOLS = ['ramped', 'fixed dose'] as const;
export type LandmarkSchool = (typeof LANDMARK_SCHOOLS)[number];
