/** Cautions, said where they apply. They defer to licensed practice. */
export const CLINICIAN =
  'Pain that is sharp, lasting or spreading, dizziness or chest pain: stop, and see a licensed clinician. The figures here are conventions for healthy adults under a coach, not medical advice.';

export const NOT_ALONE = 'Near failure on this lift use safeties or a spotter.';

/** What an easy week is for, said to coach and athlete alike. */
export const DELOAD_CARE =
  'Sleep comes first this week; eat at maintenance, in a cut too; keep the days calm. It stays a full week, even if you feel good by its third day.';
