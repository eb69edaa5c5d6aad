import type { Catalogue, Exposure, LocalDate } from '@/core';
import type { DraftTools } from './use-draft';

export interface StrengthProps {
  readonly tools: DraftTools;
  readonly catalogue: Catalogue;
  readonly exposures: readonly Exposure[];
  readonly today: LocalDate;
}

/** What was logged, by exercise. */
export function byExercise(exposures: readonly Exposure[]): ReadonlyMap<string, readonly Exposure[]> {
  const found = new Map<string, Exposure[]>();
  for (const exposure of exposures)
    found.set(exposure.exerciseId, [...(found.get(exposure.exerciseId) ?? []), exposure]);
  return found;
}
