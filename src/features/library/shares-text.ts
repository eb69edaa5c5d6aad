import { type Contributions, MUSCLES, type Muscle, ok, type Result, refused } from '@/core';
import { figure } from '@/ui/words/figures';
import { shareOf } from '@/ui/words/screens/library';

/** The muscle that a text names or abbreviates, if it is the only one. */
function muscleOf(text: string): Muscle | undefined {
  const exact = MUSCLES.find((muscle) => muscle === text);
  const begun = MUSCLES.filter((muscle) => muscle.startsWith(text));
  return exact ?? (begun.length === 1 ? begun[0] : undefined);
}

/** Reads shares: `glutes 1, quads 0.5`; 0 removes a muscle. */
export function readShares(text: string): Result<Contributions> {
  const shares: Partial<Record<Muscle, number>> = {};
  for (const part of text.split(/[;,](?=\s*[a-z])/i)) {
    if (part.trim() === '') continue;
    const found = /^([a-z][a-z ]*?)\s+(\d*[.,]?\d+)$/.exec(part.trim().toLowerCase());
    const muscle = found === null ? undefined : muscleOf(found[1] as string);
    const share = Number((found?.[2] ?? '').replace(',', '.'));
    if (muscle !== undefined && share > 1)
      return refused({
        code: 'out-of-range',
        path: 'shares',
        field: shareOf(muscle),
        low: 0,
        high: 1,
        value: share,
      });
    if (muscle === undefined || !(share >= 0))
      return refused({
        code: 'not-understood',
        path: 'shares',
        text: part.trim(),
        example: 'glutes 1, quads 0.5',
      });
    shares[muscle] = share;
  }
  return ok(shares);
}

export function sharesText(shares: Contributions): string {
  return Object.entries(shares)
    .map(([muscle, share]) => `${muscle} ${figure(share)}`)
    .join(', ');
}
