import { EFFORT } from './effort';
import { PROGRESSION } from './progression';
import { RECOVERY } from './recovery';
import { SCHEDULE } from './schedule';
import { STEERING } from './steering';
import { TECHNIQUES } from './techniques';
import { TIMING } from './timing';
import { VOLUME } from './volume';

/** All rules, in the order in which they apply. */
export const CONVENTIONS = {
  ...VOLUME,
  ...TECHNIQUES,
  ...EFFORT,
  ...PROGRESSION,
  ...TIMING,
  ...SCHEDULE,
  ...RECOVERY,
  ...STEERING,
} as const;

export type ConventionId = keyof typeof CONVENTIONS;

/** The rules in force: a number for each. */
export type Conventions = Readonly<Record<ConventionId, number>>;

export const CONVENTION_IDS = Object.keys(CONVENTIONS) as ConventionId[];

/** The defaults with the rules of coach, athlete and block on top; later ones win. */
export function conventionsWith(...overrides: readonly Partial<Conventions>[]): Conventions {
  const defaults = Object.fromEntries(CONVENTION_IDS.map((id) => [id, CONVENTIONS[id].default])) as Record<
    ConventionId,
    number
  >;
  return Object.assign(defaults, ...overrides);
}
