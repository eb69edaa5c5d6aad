import 'server-only';
import loadHighs from 'highs';
import type { Solve } from '@/core';

/** A program that takes longer than this has no answer that a coach would wait for. Seconds. */
const LONGEST = 8;

let highs: ReturnType<typeof loadHighs> | undefined;

/** Solves a linear program on the server. */
export const solve: Solve = async (program) => {
  highs ??= loadHighs();
  const result = (await highs).solve(program, { time_limit: LONGEST, mip_rel_gap: 0.001 });
  if (result.Status !== 'Optimal' && result.Status !== 'Time limit reached') return null;
  const values = Object.entries(result.Columns).map(([name, column]) => [
    name,
    'Primal' in column ? column.Primal : 0,
  ]);
  return Object.fromEntries(values) as Readonly<Record<string, number>>;
};
