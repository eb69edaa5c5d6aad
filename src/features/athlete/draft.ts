import type { Athlete, Problem } from '@/core';
import type { DecodeAthlete } from './use-decoder';

/** An athlete under edit: what is stored, what the coach has made of it, and the fields both sides have changed. */
export interface Draft {
  readonly base: Athlete;
  readonly revision: number;
  readonly mine: Athlete;
  /** Fields that were changed elsewhere too since; keeping saves this page's. */
  readonly collisions: readonly (keyof Athlete)[];
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const FIELDS = (athlete: Athlete) => Object.keys(athlete) as (keyof Athlete)[];

export function draftOf(athlete: Athlete, revision: number): Draft {
  return { base: athlete, revision, mine: athlete, collisions: [] };
}

/** Fields that differ from what is stored. */
export function changedFields({ base, mine }: Draft): readonly (keyof Athlete)[] {
  return FIELDS(mine).filter((field) => !same(base[field], mine[field]));
}

/** The draft on top of what somebody else has kept meanwhile: their fields where only they changed, mine where I did. */
export function rebased(draft: Draft, theirs: Athlete, revision: number): Draft {
  const changed = changedFields(draft);
  const mine = { ...theirs, ...Object.fromEntries(changed.map((field) => [field, draft.mine[field]])) };
  const collisions = changed.filter(
    (field) => !same(theirs[field], draft.base[field]) && !same(theirs[field], draft.mine[field]),
  );
  return { base: theirs, revision, mine, collisions };
}

/** What is wrong with the draft, by path. */
export function draftProblems({ mine }: Draft, decode: DecodeAthlete): ReadonlyMap<string, Problem> {
  const decoded = decode(mine);
  return new Map(decoded.ok ? [] : decoded.problems.map((problem) => [problem.path, problem]));
}

/** A list with one of its entries changed. */
export function changedAt<T>(list: readonly T[], place: number, part: Partial<T>): readonly T[] {
  return list.map((one, index) => (index === place ? { ...one, ...part } : one));
}
