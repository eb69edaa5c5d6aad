import fc from 'fast-check';
import { EMPTY_LOG } from '../src/core/log/log';
import { LOAD_RULES } from '../src/core/progression/load-rules/registry';
import { anyTechnique } from '../src/core/testing/any-technique';
import { athlete, block, lookup, performWeek, session, slot } from '../src/core/testing/fixtures';
import { unfold } from '../src/core/unfold/unfold';

const any = fc.record({
  technique: fc.oneof(
    {
      weight: 3,
      arbitrary: fc.integer({ min: 1, max: 5 }).map((sets) => ({ kind: 'straight' as const, sets })),
    },
    { weight: 7, arbitrary: anyTechnique },
  ),
  rule: fc.constantFrom(...LOAD_RULES),
  low: fc.integer({ min: 3, max: 15 }),
  span: fc.integer({ min: 0, max: 6 }),
  share: fc.option(fc.record({ share: fc.integer({ min: 50, max: 92 }), weekly: fc.constant(0) }), {
    freq: 4,
  }),
  shift: fc.option(
    fc.record({ week: fc.integer({ min: 1, max: 8 }), percent: fc.integer({ min: -20, max: 5 }) }),
    { freq: 5 },
  ),
  exercise: fc.constantFrom('leg-extension', 'barbell-curl', 'leg-press', 'cable-curl', 'dumbbell-curl'),
  level: fc.constantFrom('novice', 'intermediate', 'advanced'),
  phase: fc.constantFrom('gaining', 'holding', 'cutting'),
  first: fc.integer({ min: 1, max: 4 }),
});
const N = Number(process.argv[2] ?? 300);
const seed = Number(process.argv[3] ?? 1);
const counts = new Map<string, number>();
let shown = 0;
for (const c of fc.sample(any, { numRuns: N, seed })) {
  const of = block(
    [
      session('a', 0, [
        slot('s', c.exercise, {
          technique: c.technique as any,
          range: { low: c.low, high: c.low + c.span },
          loadRule: c.rule,
          ofMax: c.share,
          rest: 120,
        }),
      ]),
    ],
    {
      weeks: 12,
      rir: { first: Math.max(c.first, 1), last: 1 },
      deload: null,
      loadShifts: c.shift === null ? [] : [c.shift],
      phaseRanges: false,
    } as any,
  );
  let state: any = {
    block: of,
    athlete: athlete({ level: c.level as any, phases: [{ from: '2026-01-01', phase: c.phase as any }] }),
    issued: [],
    log: EMPTY_LOG,
  };
  const rows: any[] = [];
  const bad: string[] = [];
  try {
    for (let w = 1; w <= 12; w++) {
      const p = unfold({ ...state, exercises: lookup, answers: [] }).weeks[w - 1]?.plan.sessions[0]?.slots[0];
      if (!p) break;
      rows.push(p);
      state = { ...state, ...performWeek(state, w) };
    }
  } catch (e) {
    bad.push('throws ' + (e as Error).message.slice(0, 80));
  }
  if (rows.some((p) => p.sets.some((s: any) => s.predictedRir !== null && s.predictedRir < -1))) {
    counts.set('skipped impossible', (counts.get('skipped impossible') ?? 0) + 1);
    if (
      rows.some((p) => p.sets.some((s: any) => s.predictedRir !== null && s.predictedRir < -1)) &&
      !(c.share || c.shift)
    )
      counts.set(
        'impossible without share ' + c.technique.kind,
        (counts.get('impossible without share ' + c.technique.kind) ?? 0) + 1,
      );
    continue;
  }
  const m = rows.map((p) => p.oneRepMax).filter((x) => x !== null);
  if (m.length > 1) {
    const r = m.at(-1) / m[0];
    const g =
      ({ novice: 1, intermediate: 0.5, advanced: 0.25 } as any)[c.level] * (c.phase === 'cutting' ? 0.5 : 1);
    const top = (1 + g / 100) ** 11;
    if (r > top * 1.06 + 0.02) bad.push('max runs up ' + r.toFixed(2));
    if (r < 0.96) bad.push('max sags ' + r.toFixed(2));
  }
  for (const [i, p] of rows.entries())
    for (const s of p.sets) {
      if (s.rir < 0) bad.push(`w${i + 1} asks RIR ${s.rir.toFixed(2)}`);
    }
  for (let i = 1; i < rows.length; i++) {
    const a = rows[i - 1].sets[0],
      b = rows[i].sets[0];
    if (a && b && a.load === b.load && b.reps < a.reps && !(b.rir < a.rir - 3))
      bad.push(`w${i + 1} asks ${b.reps} after ${a.reps} at ${a.load}`);
  }
  for (const b of new Set(bad.map((x) => x.replace(/[\d.-]+/g, '#'))))
    counts.set(
      `${c.technique.kind}${c.share ? '+share' : ''}${c.shift ? '+shift' : ''}: ${b}`,
      (counts.get(`${c.technique.kind}${c.share ? '+share' : ''}${c.shift ? '+shift' : ''}: ${b}`) ?? 0) + 1,
    );
  if (bad.length && process.argv[4] && c.technique.kind === process.argv[4] && shown++ < 3) {
    console.log(JSON.stringify(c));
    console.log(bad.slice(0, 6).join('; '));
    for (const [i, p] of rows.entries())
      console.log(
        ' w' +
          (i + 1) +
          ' ' +
          p.sets
            .map(
              (s: any) =>
                `${s.load}×${s.reps}@${+s.rir.toFixed(2)}(${s.predictedRir === null ? '-' : s.predictedRir.toFixed(1)})`,
            )
            .join(' ') +
          ' max ' +
          p.oneRepMax?.toFixed(1),
      );
  }
}
console.log(
  [...counts]
    .sort((a, b) => b[1] - a[1])
    .map(([k, v]) => `${v} ${k}`)
    .join('\n'),
);
