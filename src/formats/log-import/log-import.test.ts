import fc from 'fast-check';
import {
  addDays,
  blockExposures,
  blockToReview,
  catalogueWith,
  chosenCurve,
  e1rm,
  liftReviews,
  unfold,
} from '@/core';
import { athlete } from '../../core/testing/fixtures';
import { planOf, trainingOf } from '../archive/as-training';
import { athleteFileSchema } from '../archive/athlete-file';
import { athleteProblems } from '../archive/athlete-problems';
import { readCells } from '../table/csv';
import { type PastSet, pastBlocks } from './past-blocks';
import { guessReading, nameKey, namesIn, readDate, readLog } from './reading';

const catalogue = catalogueWith([]);
const who = athlete();
const ids = () => {
  let next = 0;
  return () => `n${next++}`;
};
const taken = (sets: readonly PastSet[]) => pastBlocks(sets, who, catalogue, ids());
const fileOf = (sets: readonly PastSet[]) => ({
  athlete: who,
  archivedAt: null,
  exercises: [],
  measurements: [],
  checkIns: [],
  blocks: [...taken(sets)],
});

const FOREIGN = `Date;Exercise Name;Set;Weight;Reps;RPE;Notes
03.08.2026;Hack Squat;1;100 kg;8;8;felt good
03.08.2026;Hack Squat;2;100 kg;7;9;
03.08.2026;leg curl thing;1;40 kg;12;;
06.08.2026;Bench;1;80;8;8,5;"shoulder, a bit"
`;

function linesOf(text: string) {
  const cells = readCells(text);
  if (!cells.ok) throw new Error(JSON.stringify(cells.problems));
  const [head, ...lines] = cells.value;
  return { head: head?.cells ?? [], lines };
}

test('a log: columns are guessed, names asked for once, sets read', () => {
  const { head, lines } = linesOf(FOREIGN);
  const understood = guessReading(head, lines, 'kg');
  expect(understood).toEqual({
    columns: { date: 0, exercise: 1, load: 3, reps: 4, effort: 5, note: 6 },
    dates: 'day first',
    unit: 'kg',
    reserve: 2,
  });
  expect(namesIn(lines, understood)).toEqual(['hack squat', 'leg curl thing', 'bench']);
  const names = new Map<string, string | null>([
    ['hack squat', 'hack-squat'],
    ['leg curl thing', null],
    ['bench', 'barbell-bench-press'],
  ]);
  const { sets, problems, left } = readLog(lines, understood, names);
  expect(problems).toEqual([]);
  expect(left).toBe(1);
  const kg = (value: number) => ({ value, unit: 'kg' });
  expect(sets).toEqual([
    { date: '2026-08-03', exerciseId: 'hack-squat', load: kg(100), reps: 8, rir: 2, note: 'felt good' },
    { date: '2026-08-03', exerciseId: 'hack-squat', load: kg(100), reps: 7, rir: 1, note: '' },
    {
      date: '2026-08-06',
      exerciseId: 'barbell-bench-press',
      load: kg(80),
      reps: 8,
      rir: 1.5,
      note: 'shoulder, a bit',
    },
  ]);
  // An unmatched name is an error in each of its lines, and so is every unreadable cell.
  const bad = linesOf(
    'date,exercise,reps,weight\n2026-08-03,Hack squat,8,heavy\n2026-13-03,Hack squat,8,100\n2026-08-04,Else,8,1\n2026-08-05,Hack squat,many,1',
  );
  const read = readLog(bad.lines, guessReading(bad.head, bad.lines, 'kg'), names);
  expect(read.problems.map(({ path }) => path)).toEqual([
    'line/2/load',
    'line/3/date',
    'line/4/exercise',
    'line/5/reps',
  ]);
});

test('one line for several sets; pounds; dates in any order', () => {
  const { head, lines } = linesOf(
    'performed,lift,sets,reps,lbs\n08/03/2026,hack squat,3,8,225\n08/25/2026,hack squat,,"10, 9, 8",185\n08/26/2026,hack squat,,3x5,245',
  );
  const understood = guessReading(head, lines, 'kg');
  expect(understood).toMatchObject({ dates: 'month first', unit: 'lb' });
  const { sets } = readLog(lines, understood, new Map([['hack squat', 'hack-squat']]));
  expect(sets.map(({ date, reps, load }) => [date, reps, load.value, load.unit])).toEqual([
    ...[8, 8, 8].map((reps) => ['2026-08-03', reps, 225, 'lb']),
    ...[10, 9, 8].map((reps) => ['2026-08-25', reps, 185, 'lb']),
    ...[5, 5, 5].map((reps) => ['2026-08-26', reps, 245, 'lb']),
  ]);
  expect([
    readDate('2026-08-03T17:30:00Z', 'year first'),
    readDate('3 Aug 2026', 'day first'),
    readDate('3.8.26', 'day first'),
    readDate('8/3/2026', 'month first'),
    readDate('31/02/2026', 'day first'),
    readDate('2026-08-03', 'day first'),
    readDate('soon', 'day first'),
  ]).toEqual(['2026-08-03', '2026-08-03', '2026-08-03', '2026-08-03', undefined, undefined, undefined]);
  expect(nameKey('  Hack   SQUAT ')).toBe('hack squat');
});

/** Squats on Mondays, two sets each, 2.5 more each week; nothing in the third week. */
const SQUATS = [0, 1, 3].flatMap((week) =>
  [8, 7].map(
    (reps): PastSet => ({
      date: addDays('2026-08-03', 7 * week),
      exerciseId: 'hack-squat',
      load: { value: 100 + 2.5 * week, unit: 'kg' },
      reps,
      rir: 1,
      note: '',
    }),
  ),
);

test('past weeks as a block, by hand: each calendar week a week, an idle one a pause, with the plan equal to the log', () => {
  const [block, ...more] = taken(SQUATS);
  if (block === undefined) throw new Error('no block');
  expect(more).toEqual([]);
  expect(block.document).toMatchObject({
    name: 'Log, 3 Aug to 24 Aug 2026',
    startDate: '2026-08-03',
    weeks: 3,
    deload: null,
    pauses: [{ after: 2, days: 7 }],
  });
  expect(block.document.sessions).toMatchObject([
    { name: 'Monday', day: 0, slots: [{ range: { low: 7, high: 8 } }] },
  ]);
  expect(block.weeks.map(({ handedOut }) => handedOut.plan.startDate)).toEqual([
    '2026-08-03',
    '2026-08-10',
    '2026-08-24',
  ]);
  expect(
    block.workouts.map(({ date, sets }) => [date, sets.map(({ load, reps }) => [load.value, reps])]),
  ).toEqual([
    [
      '2026-08-03',
      [
        [100, 8],
        [100, 7],
      ],
    ],
    [
      '2026-08-10',
      [
        [102.5, 8],
        [102.5, 7],
      ],
    ],
    [
      '2026-08-24',
      [
        [107.5, 8],
        [107.5, 7],
      ],
    ],
  ]);
  const asked = block.weeks.map(({ handedOut }) =>
    handedOut.plan.sessions.flatMap(({ slots }) =>
      slots.flatMap(({ sets }) => sets.map(({ load, reps }) => [load, reps])),
    ),
  );
  expect(asked[2]).toEqual([
    [107.5, 8],
    [107.5, 7],
  ]);
});

test('estimates and the review work from the first day', () => {
  const file = fileOf(SQUATS);
  const [block] = file.blocks;
  if (block === undefined) throw new Error('no block');
  const training = trainingOf(file, block);
  const blockPlan = planOf(file, block);
  expect(blockPlan.weeks.map(({ status }) => status)).toEqual(['done', 'done', 'done']);
  const exposures = blockExposures(blockPlan.weeks, who, catalogue.newest);
  expect(exposures).toHaveLength(3);
  const review = liftReviews(
    blockToReview({
      ...training,
      blockId: block.id,
      checkIns: [],
      blockPlan,
      catalogue,
      today: '2026-09-10',
    }),
  );
  const carried = (review[0]?.points[0]?.oneRepMax ?? 0) - e1rm(100, 9, chosenCurve(who.effort));
  expect(review[0]?.points.map(({ oneRepMax }) => oneRepMax - carried)).toEqual(
    [100, 102.5, 107.5].map((load) => expect.closeTo(e1rm(load, 9, chosenCurve(who.effort)), 5)),
  );
  // The plan equals the log: nobody was above or below target.
  expect(blockPlan.observations.map(({ performance }) => performance.verdict)).not.toContain('behind');
});

test('four idle weeks, or the seventeenth week, start another block; a thirteenth set is kept as extra', () => {
  const at = (week: number): PastSet => ({
    ...(SQUATS[0] as PastSet),
    date: addDays('2026-01-05', 7 * week),
  });
  expect(taken([at(0), at(4)]).map(({ document }) => document.weeks)).toEqual([2]);
  expect(taken([at(0), at(5)]).map(({ document }) => document.weeks)).toEqual([1, 1]);
  const long = Array.from({ length: 17 }, (_, week) => at(week));
  expect(taken(long).map(({ document }) => document.weeks)).toEqual([16, 1]);
  const [many] = taken(Array.from({ length: 13 }, () => at(0)));
  expect(many?.workouts[0]?.sets.map(({ setId }) => setId).slice(-2)).toEqual(['work-12', 'more-13']);
});

const anySet: fc.Arbitrary<PastSet> = fc.record({
  date: fc.integer({ min: 0, max: 200 }).map((n) => addDays('2026-01-01', n)),
  exerciseId: fc.constantFrom(
    'hack-squat',
    'cable-curl',
    'pull-up',
    'seal-row',
    'dead-hang',
    'barbell-bench-press',
  ),
  load: fc.record({
    value: fc.integer({ min: 0, max: 60_000 }).map((n) => n / 100),
    unit: fc.constantFrom('kg' as const, 'lb' as const),
  }),
  reps: fc.integer({ min: 1, max: 60 }),
  rir: fc.integer({ min: 0, max: 20 }).map((n) => n / 2),
  note: fc.constantFrom('', 'hard'),
});

test('every logged set of a known exercise is imported once, in blocks a file may hold', () => {
  fc.assert(
    fc.property(fc.array(anySet, { minLength: 1, maxLength: 60 }), (sets) => {
      const file = fileOf(sets);
      expect(athleteProblems(file)).toEqual([]);
      const parsed = athleteFileSchema.safeParse({ format: 'dense-ladder/athlete', version: 1, ...file });
      expect(parsed.error?.issues ?? []).toEqual([]);
      const plain = (
        list: readonly (Pick<PastSet, 'exerciseId' | 'reps'> & { date: string; load: PastSet['load'] })[],
      ) =>
        list
          .map(
            ({ date, exerciseId, load, reps }) => `${date} ${exerciseId} ${load.value}${load.unit} ${reps}`,
          )
          .sort();
      const kept = file.blocks.flatMap(({ workouts }) =>
        workouts.flatMap(({ date, sets: of }) => of.map((set) => ({ ...set, date }))),
      );
      const known = sets.filter(({ exerciseId }) => catalogue.newest(exerciseId) !== undefined);
      expect(plain(kept)).toEqual(plain(known));
      for (const block of file.blocks) {
        const { weeks } = unfold(trainingOf(file, block));
        expect(weeks.every(({ status }) => status === 'done')).toBe(true);
      }
    }),
    { numRuns: 60 },
  );
});

test('two thousand mutated logs are read or refused with a place', () => {
  const names = new Map([
    ['hack squat', 'hack-squat'],
    ['leg curl thing', null],
    ['bench', 'barbell-bench-press'],
  ]);
  let wrong = 0;
  fc.assert(
    fc.property(fc.nat(FOREIGN.length), fc.nat(20), fc.string({ maxLength: 5 }), (at, gone, put) => {
      const cells = readCells(`${FOREIGN.slice(0, at)}${put}${FOREIGN.slice(at + gone)}`);
      if (!cells.ok) return;
      const [head, ...lines] = cells.value;
      const { sets, problems } = readLog(lines, guessReading(head?.cells ?? [], lines, 'kg'), names);
      wrong += problems.length;
      for (const { path } of problems) expect(path).toMatch(/^line\/\d+\/\w+$/);
      for (const set of sets) expect(set.reps).toBeGreaterThanOrEqual(1);
    }),
    { numRuns: 2000 },
  );
  expect(wrong).toBeGreaterThan(100);
});
