import { EMPTY_LOG } from '../src/core/log/log';
import {
  athlete,
  block,
  HALL,
  HALL_PLACE,
  lookup,
  performWeek,
  session,
  slot,
} from '../src/core/testing/fixtures';
import { unfold } from '../src/core/unfold/unfold';

const best = (load: number, reps: number, rir: number) => ({
  load: { value: load, unit: 'kg' as const },
  reps,
  rir,
  date: null,
});
function run(name: string, ex: string, changes: any, blockChanges: any = {}, who: any = {}, doing?: any) {
  const of = block([session('a', 0, [slot('s', ex, changes)])], {
    weeks: 7,
    rir: { first: 3, last: 1 },
    deload: null,
    ...blockChanges,
  } as any);
  const a = athlete(who);
  let state: any = { block: of, athlete: a, issued: [], log: EMPTY_LOG };
  const weeks = blockChanges.weeks ?? 7;
  const out: string[] = [];
  for (let week = 1; week <= weeks; week++) {
    const plan = unfold({ ...state, exercises: lookup, answers: [] });
    const planned = plan.weeks[week - 1]?.plan.sessions[0]?.slots[0];
    out.push(
      `  w${week} ` +
        (planned?.sets ?? [])
          .map(
            (s) =>
              `${s.load}×${s.reps}@${Math.round(s.rir * 100) / 100}(${s.predictedRir === null ? '-' : s.predictedRir.toFixed(1)})${s.hard ? 'h' : ''}`,
          )
          .join('  ') +
        `  max ${planned?.oneRepMax?.toFixed(1)}`,
    );
    state = { ...state, ...performWeek(state, week, doing) };
  }
  console.log(name);
  console.log(out.join('\n'));
}
const which = process.argv[2];
const cases: Record<string, () => void> = {
  share90: () =>
    run(
      '90 % 2-4',
      'barbell-bench-press',
      {
        technique: { kind: 'straight', sets: 3 },
        range: { low: 2, high: 4 },
        ofMax: { share: 90, weekly: 0 },
      },
      {},
      { bestSets: { 'barbell-bench-press': best(80, 8, 2) } },
    ),
  doubles: () =>
    run('80 % 2-2', 'barbell-bench-press', {
      technique: { kind: 'straight', sets: 5 },
      range: { low: 2, high: 2 },
      ofMax: { share: 80, weekly: 2 },
    }),
  five: () =>
    run('70 % 5x5', 'barbell-bench-press', {
      technique: { kind: 'straight', sets: 5 },
      range: { low: 5, high: 5 },
      ofMax: { share: 70, weekly: 0 },
    }),
  cluster: () =>
    run('cluster 70 %', 'barbell-bench-press', {
      technique: { kind: 'cluster', sets: 3, minis: 4, reps: 3, pause: 20, rise: 0, toSingle: false },
      range: { low: 8, high: 12 },
      ofMax: { share: 70, weekly: 0 },
    }),
  clusterRule: () =>
    run('cluster by rule', 'barbell-bench-press', {
      technique: { kind: 'cluster', sets: 3, minis: 4, reps: 3, pause: 20, rise: 0, toSingle: false },
      range: { low: 8, high: 12 },
    }),
  ascend: () =>
    run('ascending', 'barbell-curl', {
      technique: { kind: 'ascending mini-sets', rounds: 2, from: 3, to: 7, pause: 20 },
      range: { low: 8, high: 12 },
    }),
  finisher: () =>
    run('finisher half', 'leg-extension', {
      technique: {
        kind: 'high-rep finisher',
        shape: 'long set',
        band: { low: 17, high: 25 },
        load: 'half of 1RM',
        toFailure: false,
      },
    }),
  finisherReps: () =>
    run('finisher reps', 'leg-extension', {
      technique: {
        kind: 'high-rep finisher',
        shape: 'long set',
        band: { low: 17, high: 25 },
        load: 'by reps',
        toFailure: false,
      },
    }),
  shift: () =>
    run('shift -10 from 3', 'barbell-bench-press', {}, { loadShifts: [{ week: 3, percent: -10 }] }),
  ret: () =>
    run(
      'return',
      'barbell-bench-press',
      {},
      {
        weeks: 4,
        rir: { first: 4, last: 4 },
        loadShifts: [
          { week: 1, percent: -15 },
          { week: 2, percent: 5.88 },
          { week: 3, percent: 5.56 },
          { week: 4, percent: 5.26 },
        ],
      },
    ),
  restPause: () =>
    run('rest-pause', 'barbell-curl', {
      technique: {
        kind: 'rest-pause',
        sets: 1,
        pauses: 2,
        pause: 20,
        band: { low: 11, high: 15 },
        pieces: [],
        toFailure: true,
      },
      range: { low: 8, high: 10 },
    }),
  total: () =>
    run('total', 'barbell-curl', {
      technique: { kind: 'total-rep target', total: 30, pause: 20, least: 4, alternate: false },
      range: { low: 8, high: 12 },
    }),
  bank: () =>
    run('bank', 'pull-up', {
      technique: { kind: 'rep bank', sets: 4, target: 40, toFailure: false },
      range: { low: 6, high: 12 },
    }),
  bankFail: () =>
    run('bank fail', 'barbell-curl', {
      technique: { kind: 'rep bank', sets: 4, target: 45, toFailure: true },
      range: { low: 6, high: 12 },
    }),
  typed: () =>
    run('typed w2', 'barbell-bench-press', {
      weeks: [
        { week: 2, load: { value: 60, unit: 'kg' }, reps: null, sets: null, rir: null, exercise: null },
      ],
    }),
  top: () =>
    run('top 15', 'barbell-bench-press', {
      technique: {
        kind: 'top + back-offs',
        backOffs: 2,
        drop: 0.15,
        topRir: 1,
        backOffReps: 4,
        topToFailure: false,
        topPartials: 0,
        backOffRule: 'the top set',
      },
      range: { low: 6, high: 8 },
    }),
  plain: () => run('plain', 'barbell-bench-press', {}),
};
for (const [n, f] of Object.entries(cases))
  if (which === undefined || which.split(',').includes(n)) {
    try {
      f();
    } catch (e) {
      console.log(n, 'ERR', (e as Error).message.slice(0, 200));
    }
  }
