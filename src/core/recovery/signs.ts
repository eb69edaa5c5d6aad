/** Signs of fatigue, each 0 (none) to 2 (clear), from check-ins and the log. */
export const SIGNS = [
  'poor sleep',
  'aching joints',
  'falling performance',
  'low drive',
  'lingering soreness',
  'raised resting heart rate',
  'poor appetite',
] as const;
export type Sign = (typeof SIGNS)[number];
export type SignScore = 0 | 1 | 2;
export type Signs = Readonly<Partial<Record<Sign, SignScore>>>;

export const SIGNS_VERDICTS = ['not needed', 'wait', 'propose', 'urge'] as const;
export type SignsVerdict = (typeof SIGNS_VERDICTS)[number];

/** The total of the signs, and what it means for a deload. */
export interface SignsSum {
  readonly sum: number;
  readonly verdict: SignsVerdict;
}

/**
 * Sum of the signs: from 6 a deload is suggested, from 9 urged. An eager athlete with a low sum probably does not
 * need one.
 */
export function fatigueScore(
  signs: Signs,
  eager: boolean,
  { signsPropose, signsUrge, signsLow }: Readonly<Record<'signsPropose' | 'signsUrge' | 'signsLow', number>>,
): SignsSum {
  const sum = SIGNS.reduce((total, sign) => total + (signs[sign] ?? 0), 0);
  if (sum >= signsUrge) return { sum, verdict: 'urge' };
  if (sum >= signsPropose) return { sum, verdict: 'propose' };
  return { sum, verdict: eager && sum <= signsLow ? 'not needed' : 'wait' };
}
