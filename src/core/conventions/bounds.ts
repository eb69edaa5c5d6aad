import { CONVENTIONS, type ConventionId, type Conventions } from './conventions';

/** How far a rule may move from its default, as a factor. */
const REACH = 5;

/** Limits that a coach may also set to zero. */
const MAY_BE_NONE: ReadonlySet<string> = new Set(['exercises', 'points']);

/**
 * The allowed values of a rule. Bounds stop typing errors, not opinions: a fifth to five times the default; factors
 * that lower or raise keep doing so.
 */
export function conventionBounds(id: ConventionId): { readonly low: number; readonly high: number } {
  const { default: usual, unit } = CONVENTIONS[id];
  if (usual < 0) return { low: usual * REACH, high: usual / REACH };
  if (unit === '×') return usual <= 1 ? { low: usual / REACH, high: 1 } : { low: 1, high: usual * REACH };
  return { low: MAY_BE_NONE.has(unit) ? 0 : usual / REACH, high: usual * REACH };
}

/** The own rules with one of them set; setting the value that would apply anyway removes it. */
export function withConvention(
  own: Partial<Conventions>,
  id: ConventionId,
  value: number,
  otherwise: number = CONVENTIONS[id].default,
): Partial<Conventions> {
  const { [id]: _before, ...others } = own;
  return value === otherwise ? others : { ...others, [id]: value };
}
