/** Cautions where joints, pain or failure come up. They defer to licensed practice. */
export const CLINICIAN =
  'Stop and see a licensed clinician if pain is sharp, lasting or spreading, or if you feel dizzy or have chest pain. The numbers here are conventions for healthy adults with a coach, not medical advice.';

export const NOT_ALONE = 'Use safety bars or a spotter when you go close to failure on this lift.';

/** What a deload week is for, shown to coach and athlete. */
export const DELOAD_CARE =
  'This week put sleep first, eat at maintenance (in a cut too) and keep the days calm. Take the full week, even if you feel good after three days.';
